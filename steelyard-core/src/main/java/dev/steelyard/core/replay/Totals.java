package dev.steelyard.core.replay;

import java.math.BigDecimal;
import java.math.RoundingMode;
import org.jspecify.annotations.Nullable;

/**
 * What some lines come to.
 *
 * @param lines how many
 * @param turnover after deals, as the shop's prices stand to tax
 * @param reduced by breaks and deals
 * @param known without tax, of those lines whose cost is known
 * @param cost of those
 */
public record Totals(long lines, BigDecimal turnover, BigDecimal reduced, BigDecimal known, BigDecimal cost) {

    private static final int MARGIN_DECIMALS = 1;

    public static final Totals NONE = new Totals(0, BigDecimal.ZERO, BigDecimal.ZERO, BigDecimal.ZERO, BigDecimal.ZERO);

    public Totals plus(Totals other) {
        return new Totals(
                lines + other.lines,
                turnover.add(other.turnover),
                reduced.add(other.reduced),
                known.add(other.known),
                cost.add(other.cost));
    }

    /** What is to be expected where some lines go to what others are. */
    Totals between(Totals taken, Assumption assumption) {
        return new Totals(
                lines,
                assumption.between(turnover, taken.turnover),
                assumption.between(reduced, taken.reduced),
                assumption.between(known, taken.known),
                assumption.between(cost, taken.cost));
    }

    /** What is left of the price without tax once cost is paid, where it is known. */
    public BigDecimal earned() {
        return known.subtract(cost);
    }

    /** The same in percent of the price without tax, to one decimal, rounded down; none where no cost is known. */
    public @Nullable BigDecimal margin() {
        return known.signum() <= 0
                ? null
                : earned().movePointRight(2).divide(known, MARGIN_DECIMALS, RoundingMode.FLOOR);
    }
}
