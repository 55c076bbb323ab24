package dev.steelyard.core.replay;

import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.deal.Occasion;
import dev.steelyard.core.ladder.Breaks;
import dev.steelyard.core.ladder.BreaksInForce;
import dev.steelyard.core.ladder.Ladder;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.prepared.Answers;
import dev.steelyard.core.prepared.Answers.Answer;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.OrderLine;
import dev.steelyard.core.pricing.PriceBook;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.HashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * The breaks over an amount that a line of goods with one measurement stands among: those of its rate, or of a ladder that
 * counts an amount of each line, where all units have the price of the break reached. The amount is taken to grow as the measurement does.
 *
 * @param counted what stands among them, in base units
 * @param cheaper whether a smaller value of a break is better for shoppers: of prices; else the larger is
 */
record AmountBreaks(Measurement measured, BreaksInForce inForce, BigDecimal counted, boolean cheaper) {

    /** A break above. @param from in base units */
    record Next(BigDecimal from, BigDecimal value) {}

    /** None where no such breaks price the line. */
    static @Nullable AmountBreaks of(PriceBook book, OrderLine line, PricedLine priced, Occasion occasion) {
        PreparedCard prepared = book.cardFor(line.sku(), occasion.customer(), occasion.at());
        if (prepared == null || prepared.card().measurements().size() != 1) {
            return null;
        }
        RateCard card = prepared.card();
        Measurement measured = card.measurements().get(0);
        Ladder ladder = card.ladder();
        if (ladder != null && ladder.counts() == Ladder.Counts.AMOUNT) {
            Unit unit = ladder.unit();
            return unit == null
                            || priced.amount() == null
                            || ladder.over() != Over.LINE
                            || ladder.mode() != Ladder.Mode.ALL_UNITS
                    ? null
                    : new AmountBreaks(
                            measured,
                            inForce(Breaks.ofAmounts(ladder.rows(), unit.factor(), ladder.alone()), occasion),
                            unit.toBase(priced.amount()),
                            ladder.value() == Ladder.Value.PRICE);
        }
        if (card.cases().all().size() == 1
                && card.cases().otherwise().piece() instanceof PiecePrice.Rate rate
                && rate.breaks() != null
                && !rate.breaks().slices()
                && priced.billable() != null) {
            return new AmountBreaks(
                    measured,
                    inForce(rate.breaks().prepared(rate.unit()), occasion),
                    rate.unit().toBase(priced.billable().value()),
                    true);
        }
        return null;
    }

    private static BreaksInForce inForce(Breaks breaks, Occasion occasion) {
        return breaks.inForce(occasion.customer().group(), occasion.at().toLocalDate());
    }

    /** The nearest one above; none above the last, or where nothing is counted. */
    @Nullable
    Next next() {
        int at = inForce.indexReached(counted) + 1;
        return at >= inForce.size() || counted.signum() <= 0
                ? null
                : new Next(inForce.threshold(at), inForce.get(at).value());
    }

    /** Whether there is one at the same threshold that is as good. */
    boolean has(Next next) {
        int at = inForce.indexReached(next.from());
        if (at < 0 || inForce.threshold(at).compareTo(next.from()) != 0) {
            return false;
        }
        int against = inForce.get(at).value().compareTo(next.value());
        return cheaper ? against <= 0 : against >= 0;
    }

    /** The line with so much more measured that it reaches a break, by the steps that can be ordered; none where it cannot be. */
    @Nullable
    OrderLine reaching(OrderLine line, Next next) {
        Answer answer = line.answers().byName().get(measured.name());
        BigDecimal now = answer == null ? null : own(answer);
        if (now == null) {
            return null;
        }
        BigDecimal wanted =
                now.multiply(next.from()).divide(counted, Decimals.EXACT.getPrecision(), RoundingMode.CEILING);
        BigDecimal origin = measured.least() == null ? BigDecimal.ZERO : measured.least();
        if (measured.step() != null && measured.step().signum() > 0) {
            wanted = up(wanted.subtract(origin), measured.step()).add(origin);
        } else if (measured.whole()) {
            wanted = up(wanted, BigDecimal.ONE);
        }
        if (measured.most() != null && wanted.compareTo(measured.most()) > 0) {
            return null;
        }
        Map<String, Answer> answers = new HashMap<>(line.answers().byName());
        answers.put(measured.name(), new Answer.Number(wanted.stripTrailingZeros(), measured.unit()));
        return new OrderLine(
                line.sku(), line.quantity(), new Answers(answers, line.answers().pack()));
    }

    private static BigDecimal up(BigDecimal value, BigDecimal step) {
        return value.divide(step, 0, RoundingMode.CEILING).multiply(step);
    }

    /** What was answered, in the measurement's own unit; none where it is no number of a unit. */
    private @Nullable BigDecimal own(Answer answer) {
        Unit unit;
        BigDecimal value;
        if (answer instanceof Answer.Typed typed) {
            value = DecimalText.read(typed.text()).value();
            unit = typed.unit() == null
                    ? measured.unit()
                    : Unit.of(typed.unit()).orElse(null);
        } else {
            Answer.Number number = (Answer.Number) answer;
            value = number.value();
            unit = number.unit() == null ? measured.unit() : number.unit();
        }
        return value == null || unit == null ? null : measured.unit().fromBase(unit.toBase(value));
    }
}
