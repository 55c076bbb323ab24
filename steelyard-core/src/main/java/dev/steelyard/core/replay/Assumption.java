package dev.steelyard.core.replay;

import java.math.BigDecimal;

/**
 * How people would take a break that is new: of the lines whose pieces, or whose one measurement, are at most so many percent
 * below it, so many percent take up to it. No other change of what people order is reckoned with.
 *
 * @param within in percent of the threshold, from 0 to 100
 * @param takeUp in percent of those lines, from 0 to 100
 */
public record Assumption(BigDecimal within, BigDecimal takeUp) {

    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

    /** Everybody orders the same. */
    public static final Assumption SAME = new Assumption(BigDecimal.ZERO, BigDecimal.ZERO);

    /** @throws IllegalArgumentException where a figure is not from 0 to 100 */
    public Assumption {
        if (!isPercent(within) || !isPercent(takeUp)) {
            throw new IllegalArgumentException("from 0 to 100 percent: " + within + ", " + takeUp);
        }
    }

    private static boolean isPercent(BigDecimal figure) {
        return figure.signum() >= 0 && figure.compareTo(HUNDRED) <= 0;
    }

    /** Whether nobody orders otherwise. */
    boolean same() {
        return within.signum() == 0 || takeUp.signum() == 0;
    }

    /** Whether so many more pieces reach a threshold that is near enough. */
    boolean isWithin(long counted, long more) {
        return BigDecimal.valueOf(more).multiply(HUNDRED).compareTo(within.multiply(BigDecimal.valueOf(counted + more)))
                <= 0;
    }

    /** Whether an amount is near enough to a threshold. */
    boolean isWithin(BigDecimal counted, BigDecimal threshold) {
        return threshold.subtract(counted).multiply(HUNDRED).compareTo(within.multiply(threshold)) <= 0;
    }

    /** What is to be expected where so many percent go from one figure to the other; exact. */
    BigDecimal between(BigDecimal same, BigDecimal taken) {
        return same.add(taken.subtract(same).multiply(takeUp).movePointLeft(2));
    }
}
