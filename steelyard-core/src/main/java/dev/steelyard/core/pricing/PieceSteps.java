package dev.steelyard.core.pricing;

import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.prepared.AppliedCharge;
import dev.steelyard.core.prepared.AppliedCharge.How;
import dev.steelyard.core.reckoning.Notes;
import dev.steelyard.core.reckoning.Step.Point;
import java.math.BigDecimal;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** Writes how a piece price becomes the price of one piece: its break, its charges, R2. */
final class PieceSteps {

    private final LineStart line;
    private final PiecePricer pieces;
    private final Notes notes;

    PieceSteps(LineStart line, PiecePricer pieces, Notes notes) {
        this.line = line;
        this.pieces = pieces;
        this.notes = notes;
    }

    /** All units: the break that the tally reaches. */
    void write(@Nullable Break reached, Tally tally, Money one) {
        steps(reached, one, reached == null ? "" : Words.reaching(line, tally, reached));
    }

    /** Slice by slice: the pieces of one slice. */
    void write(@Nullable Break reached, Money one, long first, long last) {
        steps(reached, one, "pieces " + first + " to " + last);
    }

    private void steps(@Nullable Break reached, Money one, String who) {
        boolean choices = pieces.reducesChoices(reached);
        if (reached != null && !choices) {
            notes.piece("Breaks", who + Words.value(line, reached), pieces.piecePrice(reached), null);
        }
        BigDecimal percentOf = choices ? line.piece().withBase() : pieces.piecePrice(reached);
        for (AppliedCharge charge : line.piece().charges()) {
            if (charge.how() == How.PER_PIECE) {
                notes.piece(charge.label(), charge.detail(), charge.told(), charge.value(), null);
            } else if (charge.how() == How.PERCENT) {
                String detail = Decimals.plain(charge.value(), 0) + " % of " + Decimals.plain(percentOf, 2);
                notes.piece(charge.label(), detail, PiecePricer.share(percentOf, charge.value()), null);
            }
        }
        if (choices) {
            BigDecimal whole = pieces.charged(percentOf, percentOf);
            notes.piece("With choices", "piece price and choices", whole, null);
            notes.piece(
                    "Breaks", who + Words.value(line, Objects.requireNonNull(reached)), pieces.exact(reached), null);
        }
        BigDecimal exact = pieces.exact(reached);
        boolean rounds = exact.compareTo(one.value()) != 0;
        if (rounds || !line.piece().charges().isEmpty()) {
            notes.piece("Price of one piece", Decimals.plain(exact, 0), "", one.value(), rounds ? Point.R2 : null);
        }
    }
}
