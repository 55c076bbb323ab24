package dev.steelyard.core.formula.function;

import dev.steelyard.core.number.Packed;
import java.math.BigDecimal;

/** A function of numbers. Every argument is evaluated. */
public non-sealed interface NumberFunction extends FormulaFunction {

    /**
     * The value for checked arguments in base units.
     *
     * @throws dev.steelyard.core.formula.ast.Undefined where there is none
     */
    BigDecimal apply(BigDecimal[] arguments);

    /**
     * The value of two arguments that are {@link Packed}; {@link Packed#NONE} where this is no shorter way, or one of
     * them is none.
     */
    default long quick(long first, long second) {
        return Packed.NONE;
    }
}
