package dev.steelyard.core.formula.function;

import dev.steelyard.core.formula.ast.Failure;
import dev.steelyard.core.formula.ast.Undefined;
import dev.steelyard.core.number.Decimals;
import java.math.BigDecimal;
import java.math.RoundingMode;

/** Rounding to digits and to multiples of a step. */
final class Steps {

    private static final int MOST_DIGITS = 30;

    private Steps() {}

    /** The step among the arguments: the second, or 1. */
    static BigDecimal step(BigDecimal[] arguments) {
        return arguments.length > 1 ? arguments[1] : BigDecimal.ONE;
    }

    /** The largest multiple of a step that is not above a value: toward −∞ whatever the signs. */
    static BigDecimal floor(BigDecimal value, BigDecimal step) {
        if (step.signum() == 0) {
            throw new Undefined(Failure.DIVIDES_BY_ZERO);
        }
        BigDecimal size = step.abs();
        BigDecimal[] parts = value.divideAndRemainder(size);
        BigDecimal whole = parts[1].signum() < 0 ? parts[0].subtract(BigDecimal.ONE) : parts[0];
        return whole.multiply(size, Decimals.EXACT);
    }

    /** The smallest multiple of a step that is not below a value: toward +∞ whatever the signs. */
    static BigDecimal ceiling(BigDecimal value, BigDecimal step) {
        return floor(value.negate(), step).negate();
    }

    /** To so many decimals; none for whole numbers, negative ones for tens and hundreds. */
    static BigDecimal digits(BigDecimal[] arguments, RoundingMode mode) {
        int digits = 0;
        if (arguments.length > 1) {
            BigDecimal asked = arguments[1].stripTrailingZeros();
            if (asked.scale() > 0 || asked.abs().compareTo(BigDecimal.valueOf(MOST_DIGITS)) > 0) {
                throw new Undefined(Failure.DIGITS);
            }
            digits = asked.intValueExact();
        }
        return arguments[0].setScale(digits, mode).round(Decimals.EXACT);
    }
}
