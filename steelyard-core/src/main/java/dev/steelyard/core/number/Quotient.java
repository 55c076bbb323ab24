package dev.steelyard.core.number;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;

/**
 * A quotient of two decimals, kept as the two: nothing is rounded before {@link Rounding#shares}. 3.58 ÷ 12 × 3 is 0.895
 * here, and 0.8949… nowhere.
 *
 * @param over the numerator
 * @param under the denominator, above 0
 */
public record Quotient(BigDecimal over, BigDecimal under) implements Comparable<Quotient> {

    public static final Quotient ZERO = of(BigDecimal.ZERO);

    /** Digits from which on the two are reduced, so that long sums stay short. */
    private static final int LONG = 60;

    public Quotient {
        if (under.signum() <= 0) {
            throw new IllegalArgumentException("the denominator must be above 0, not " + under);
        }
    }

    /** A decimal as it stands. */
    public static Quotient of(BigDecimal value) {
        return new Quotient(value, BigDecimal.ONE);
    }

    /** @param under above 0 or below; not 0 */
    public Quotient dividedBy(BigDecimal by) {
        BigDecimal signed = by.signum() < 0 ? over.negate() : over;
        return new Quotient(signed, under.multiply(by.abs())).kept();
    }

    public Quotient times(BigDecimal by) {
        return new Quotient(over.multiply(by), under).kept();
    }

    public Quotient plus(Quotient other) {
        if (under.compareTo(other.under) == 0) {
            return new Quotient(over.add(other.over), under);
        }
        return new Quotient(over.multiply(other.under).add(other.over.multiply(under)), under.multiply(other.under))
                .kept();
    }

    public Quotient minus(Quotient other) {
        return plus(new Quotient(other.over.negate(), other.under));
    }

    /** This over another, which is not 0. */
    public Quotient dividedBy(Quotient other) {
        return times(other.under).dividedBy(other.over);
    }

    public Quotient times(Quotient other) {
        return new Quotient(over.multiply(other.over), under.multiply(other.under)).kept();
    }

    public Quotient min(Quotient other) {
        return compareTo(other) <= 0 ? this : other;
    }

    public Quotient max(Quotient other) {
        return compareTo(other) >= 0 ? this : other;
    }

    public int signum() {
        return over.signum();
    }

    @Override
    public int compareTo(Quotient other) {
        return under.compareTo(other.under) == 0
                ? over.compareTo(other.over)
                : over.multiply(other.under).compareTo(other.over.multiply(under));
    }

    /** Rounded once, to so many decimals. */
    public BigDecimal rounded(int decimals, RoundingMode mode) {
        return over.divide(under, decimals, mode);
    }

    /** The same value with a shorter pair, where the pair has grown long. */
    private Quotient kept() {
        if (over.precision() + under.precision() < LONG) {
            return this;
        }
        int scale = Math.max(over.scale(), under.scale());
        BigInteger above = over.setScale(scale).unscaledValue();
        BigInteger below = under.setScale(scale).unscaledValue();
        BigInteger common = above.gcd(below);
        return new Quotient(new BigDecimal(above.divide(common)), new BigDecimal(below.divide(common)));
    }
}
