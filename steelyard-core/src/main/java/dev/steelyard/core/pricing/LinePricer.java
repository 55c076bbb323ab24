package dev.steelyard.core.pricing;

import dev.steelyard.core.card.Finish;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.number.Rounding;
import dev.steelyard.core.prepared.PreparedLadder;
import dev.steelyard.core.reckoning.Fault.Kind;
import dev.steelyard.core.reckoning.Notes;
import dev.steelyard.core.reckoning.Place;
import dev.steelyard.core.reckoning.Reckoning;
import dev.steelyard.core.reckoning.Refused;
import dev.steelyard.core.reckoning.Step.Figure;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Refusal;
import dev.steelyard.core.said.Told;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/** Prices one line whose piece is priced and whose ladder's count is known. */
final class LinePricer {

    private final LineStart line;
    private final Rounding rounding;

    LinePricer(LineStart line) {
        this.line = line;
        this.rounding = line.rounding();
    }

    /** A line summed up, and what its sum was made of. */
    private record Summed(Laddered laddered, Money total, Notes notes) {}

    /** @throws Refused where the line has no price */
    PricedLine price(Tally tally) {
        Summed summed = sum(tally);
        Laddered laddered = summed.laddered();
        long quantity = line.asked().quantity();
        Money shown = rounding.shownPerPiece(summed.total(), quantity);
        Money perPiece = laddered.perPiece() != null ? laddered.perPiece() : shown;
        return new PricedLine(
                line.asked().item(),
                quantity,
                Math.max(quantity, tally.pieces()),
                amount(tally),
                line.asked().item().shelfPrice(),
                perPiece,
                shown,
                summed.total(),
                reduced(laddered),
                laddered.reached(),
                NextBreak.of(line, line.pieces(), tally, perPiece, rounding),
                billable(),
                line.choice().card().figures(line.asked()),
                line.choice().card().card().name(),
                summed.notes().wanted()
                        ? new Reckoning(summed.notes().steps(), line.choice().passedOver())
                        : Reckoning.NOT_ASKED);
    }

    /**
     * The total alone.
     *
     * @throws Refused where the line has no price
     */
    Money total(Tally tally) {
        Laddered laddered = new LadderPricer(line, tally, Notes.NONE).price();
        return rounding.lineTotal(sold(finished(laddered, line.pieces().perLine(), LineSteps.of(Notes.NONE))));
    }

    private Summed sum(Tally tally) {
        Notes notes = line.notes().copy();
        Laddered laddered = new LadderPricer(line, tally, notes).price();
        LineSteps steps = LineSteps.of(notes);
        Money total = rounding.lineTotal(sold(finished(laddered, line.pieces().perLine(), steps)));
        steps.end(total.value());
        return new Summed(laddered, total, notes);
    }

    /** A sum that can be sold. */
    private static BigDecimal sold(BigDecimal sum) {
        if (Decimals.tooLarge(sum)) {
            throw PiecePricer.tooLarge();
        }
        if (sum.signum() < 0) {
            throw Refused.at(Place.PIECE, Kind.NEGATIVE, Refusal.LINE_NEGATIVE, Part.money(sum));
        }
        return sum;
    }

    /** What the ladder counted, in its own unit; none where it counts pieces. */
    private @Nullable BigDecimal amount(Tally tally) {
        PreparedLadder ladder = line.ladder();
        Unit unit = ladder == null || !ladder.countsAmount()
                ? null
                : ladder.definition().unit();
        return unit == null ? null : unit.fromBase(tally.amount());
    }

    private Money reduced(Laddered laddered) {
        Money each = laddered.reached() == null ? null : line.pieces().unreduced(line.breaks());
        return rounding.lineTotal(
                each == null
                        ? BigDecimal.ZERO
                        : each.times(line.asked().quantity())
                                .subtract(laddered.sum(), Decimals.EXACT)
                                .max(BigDecimal.ZERO));
    }

    private @Nullable Figure billable() {
        Unit unit = line.piece().unit();
        BigDecimal billable = line.piece().billable();
        return unit == null || billable == null ? null : new Figure(unit.fromBase(billable), 0, unit);
    }

    /** With charges per line and set-up, and not less than the minimum. */
    private BigDecimal finished(Laddered laddered, BigDecimal perLine, LineSteps steps) {
        Finish finish = line.choice().card().card().finish();
        BigDecimal sum = laddered.sum();
        steps.add(Told.PIECES, laddered.detail(), sum);
        if (perLine.signum() != 0) {
            sum = steps.charges(line.piece().charges(), sum);
        }
        if (finish.setUp() != null) {
            sum = sum.add(finish.setUp(), Decimals.EXACT);
            steps.setUp(finish.setUp(), sum);
        }
        if (finish.minimum() != null && finish.minimum().compareTo(sum) > 0) {
            sum = finish.minimum();
            steps.minimum(sum);
        }
        return sum;
    }
}
