package dev.steelyard.core.number;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.stream.IntStream;

/**
 * The arithmetic every price is made with: IEEE 754 decimal128, 34 significant digits, half-even, so that two
 * independent programs agree on every digit before a {@link Rounding} point is reached.
 */
public final class Decimals {

    /** Precision and rounding of every single operation. */
    public static final MathContext EXACT = MathContext.DECIMAL128;

    /** A price, line or basket of this size or more, either sign, is refused. */
    public static final BigDecimal TOO_LARGE = BigDecimal.TEN.pow(12);

    private static final int DIGITS_BELOW = 12;

    private static final int SMALL_DIGITS = 3;
    private static final BigDecimal[] SMALL = // thresholds above all; a million goods have three each
            IntStream.range(0, 1_000).mapToObj(BigDecimal::valueOf).toArray(BigDecimal[]::new);

    private Decimals() {}

    /** Whether a value has reached {@link #TOO_LARGE}, either sign. */
    public static boolean tooLarge(BigDecimal value) {
        if (value.precision() - value.scale() <= DIGITS_BELOW) {
            return false; // so few digits before the point that no comparison is needed
        }
        return value.abs().compareTo(TOO_LARGE) >= 0;
    }

    /** The same number without trailing zeros and never with an exponent: 10.50 is 10.5, 1E+2 is 100. */
    public static BigDecimal normal(BigDecimal value) {
        if (isSmall(value)) {
            return SMALL[value.intValue()];
        }
        BigDecimal stripped = value.stripTrailingZeros();
        BigDecimal whole = stripped.scale() < 0 ? stripped.setScale(0) : stripped;
        return isSmall(whole) ? SMALL[whole.intValue()] : whole;
    }

    private static boolean isSmall(BigDecimal value) {
        return value.scale() == 0 && value.signum() >= 0 && value.precision() <= SMALL_DIGITS;
    }

    /** Digits without exponent or trailing zeros beyond {@code minScale} decimals: 7.4000 at 2 is {@code 7.40}. */
    public static String plain(BigDecimal value, int minScale) {
        BigDecimal stripped = value.stripTrailingZeros();
        return (stripped.scale() < minScale ? stripped.setScale(minScale) : stripped).toPlainString();
    }
}
