package dev.steelyard.core.number;

import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/** One over a number, where that ends: multiplying by it gives the digits of the division, sooner. */
public final class Inverse {

    private static final int SHORT = 17;

    private Inverse() {}

    /** The exact inverse; none for 0, and where it is endless or long. */
    public static @Nullable BigDecimal of(BigDecimal value) {
        if (value.signum() == 0 || value.precision() > SHORT) {
            return null;
        }
        try {
            BigDecimal inverse = BigDecimal.ONE.divide(value);
            return inverse.precision() <= SHORT ? inverse : null;
        } catch (ArithmeticException endless) {
            return null;
        }
    }
}
