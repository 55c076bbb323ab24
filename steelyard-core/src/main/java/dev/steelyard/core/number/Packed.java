package dev.steelyard.core.number;

import java.math.BigDecimal;

/**
 * Short exact decimals in a {@code long}: 58 bits of digits, 6 bits of scale. What does not fit, or would lose a digit,
 * is {@link #NONE}, and whoever computes falls back to {@link BigDecimal}. Every result is the very number that
 * decimal128 arithmetic gives, since so few digits are never rounded there.
 */
public final class Packed {

    /** No packed number. */
    public static final long NONE = Long.MIN_VALUE;

    /** The number 1. */
    public static final long ONE = 1 << 6;

    /** What {@link #compare} answers where it cannot say. */
    public static final int UNKNOWN = 2;

    private static final int SCALE_BITS = 6;
    private static final int SCALE_MASK = (1 << SCALE_BITS) - 1;
    private static final int MOST_SCALE = 40;
    private static final long MOST = 1L << 57;
    private static final int MOST_DIGITS = 17;
    private static final long[] POWERS = powers();

    private Packed() {}

    private static long[] powers() {
        long[] powers = new long[MOST_DIGITS + 1];
        powers[0] = 1;
        for (int i = 1; i < powers.length; i++) {
            powers[i] = powers[i - 1] * 10;
        }
        return powers;
    }

    /** A number packed, where it is short enough. */
    public static long of(BigDecimal value) {
        int scale = value.scale();
        if (scale < 0 || scale > MOST_SCALE || value.precision() > MOST_DIGITS) {
            return NONE;
        }
        return pack(value.scaleByPowerOfTen(scale).longValue(), scale);
    }

    /** The number that was packed. */
    public static BigDecimal value(long packed) {
        return BigDecimal.valueOf(packed >> SCALE_BITS, (int) packed & SCALE_MASK);
    }

    private static long pack(long digits, int scale) {
        return digits >= MOST || digits <= -MOST || scale > MOST_SCALE ? NONE : digits << SCALE_BITS | scale;
    }

    public static long negate(long one) {
        return one == NONE ? NONE : pack(-(one >> SCALE_BITS), (int) one & SCALE_MASK);
    }

    /** A hundredth. */
    public static long percent(long one) {
        return one == NONE ? NONE : pack(one >> SCALE_BITS, ((int) one & SCALE_MASK) + 2);
    }

    public static long multiply(long one, long other) {
        if (one == NONE || other == NONE) {
            return NONE;
        }
        long a = one >> SCALE_BITS;
        long b = other >> SCALE_BITS;
        long product = a * b;
        if (Math.multiplyHigh(a, b) != product >> 63) {
            return NONE;
        }
        return pack(product, ((int) one & SCALE_MASK) + ((int) other & SCALE_MASK));
    }

    public static long add(long one, long other) {
        if (one == NONE || other == NONE) {
            return NONE;
        }
        int scale = (int) one & SCALE_MASK;
        int otherScale = (int) other & SCALE_MASK;
        if (scale == otherScale) {
            return pack((one >> SCALE_BITS) + (other >> SCALE_BITS), scale);
        }
        int most = Math.max(scale, otherScale);
        long a = raised(one >> SCALE_BITS, most - scale);
        long b = raised(other >> SCALE_BITS, most - otherScale);
        return a == NONE || b == NONE ? NONE : pack(a + b, most);
    }

    /** Below, at or above 0 as one is smaller than, equal to or larger than the other; else {@link #UNKNOWN}. */
    public static int compare(long one, long other) {
        if (one == NONE || other == NONE) {
            return UNKNOWN;
        }
        int scale = (int) one & SCALE_MASK;
        int otherScale = (int) other & SCALE_MASK;
        if (scale == otherScale) {
            return Long.compare(one >> SCALE_BITS, other >> SCALE_BITS);
        }
        int most = Math.max(scale, otherScale);
        long a = raised(one >> SCALE_BITS, most - scale);
        long b = raised(other >> SCALE_BITS, most - otherScale);
        return a == NONE || b == NONE ? UNKNOWN : Long.compare(a, b);
    }

    /** Whether one is surely so many times another; no where it cannot be said. */
    public static boolean isMultiple(long one, long of) {
        if (one == NONE || of == NONE || of >> SCALE_BITS == 0) {
            return false;
        }
        int scale = (int) one & SCALE_MASK;
        int otherScale = (int) of & SCALE_MASK;
        int most = Math.max(scale, otherScale);
        long a = raised(one >> SCALE_BITS, most - scale);
        long b = raised(of >> SCALE_BITS, most - otherScale);
        return a != NONE && b != NONE && a % b == 0;
    }

    /** Digits with more zeros behind them; {@link #NONE} where they become too many. */
    private static long raised(long digits, int zeros) {
        if (zeros == 0) {
            return digits;
        }
        if (zeros > MOST_DIGITS) {
            return NONE;
        }
        long product = digits * POWERS[zeros];
        return Math.multiplyHigh(digits, POWERS[zeros]) != product >> 63 || product >= MOST || product <= -MOST
                ? NONE
                : product;
    }
}
