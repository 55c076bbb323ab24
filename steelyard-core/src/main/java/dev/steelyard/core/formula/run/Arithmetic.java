package dev.steelyard.core.formula.run;

import dev.steelyard.core.formula.ast.Failure;
import dev.steelyard.core.formula.ast.Operator;
import dev.steelyard.core.formula.ast.Undefined;
import dev.steelyard.core.number.Decimals;
import java.math.BigDecimal;

/** The operators on numbers, each rounded to decimal128. */
final class Arithmetic {

    private static final int LARGEST_EXPONENT = 6144;
    private static final int SMALLEST_EXPONENT = -6176;
    private static final int UNSUSPICIOUS = 3000;
    private static final int LARGEST_POWER = 99;

    private Arithmetic() {}

    static BigDecimal apply(Operator operator, BigDecimal left, BigDecimal right) {
        return switch (operator) {
            case ADD -> bounded(left.add(right, Decimals.EXACT));
            case SUBTRACT -> bounded(left.subtract(right, Decimals.EXACT));
            case MULTIPLY -> bounded(left.multiply(right, Decimals.EXACT));
            case DIVIDE -> divide(left, right);
            case POWER -> power(left, right);
            default -> throw new IllegalArgumentException(operator + " makes no number");
        };
    }

    private static BigDecimal divide(BigDecimal left, BigDecimal right) {
        if (right.signum() == 0) {
            throw new Undefined(Failure.DIVIDES_BY_ZERO);
        }
        return bounded(left.divide(right, Decimals.EXACT));
    }

    private static BigDecimal power(BigDecimal base, BigDecimal exponent) {
        BigDecimal whole = exponent.stripTrailingZeros();
        if (whole.scale() > 0 || whole.abs().compareTo(BigDecimal.valueOf(LARGEST_POWER)) > 0) {
            throw new Undefined(Failure.EXPONENT);
        }
        int times = whole.intValueExact();
        if (base.signum() == 0) {
            if (times <= 0) {
                throw new Undefined(Failure.DIVIDES_BY_ZERO);
            }
            return BigDecimal.ZERO;
        }
        return bounded(base.pow(times, Decimals.EXACT));
    }

    /** Within the exponents of decimal128: larger values are refused, smaller ones are zero. */
    static BigDecimal bounded(BigDecimal value) {
        int scale = value.scale();
        if (scale < UNSUSPICIOUS && scale > -UNSUSPICIOUS) {
            return value;
        }
        if (value.signum() == 0) {
            return BigDecimal.ZERO;
        }
        long exponent = (long) value.precision() - scale - 1;
        if (exponent > LARGEST_EXPONENT) {
            throw new Undefined(Failure.TOO_LARGE);
        }
        return exponent < SMALLEST_EXPONENT ? BigDecimal.ZERO : value;
    }
}
