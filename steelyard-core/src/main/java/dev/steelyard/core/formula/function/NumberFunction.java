package dev.steelyard.core.formula.function;

import java.math.BigDecimal;

/** A function of numbers. Every argument is evaluated. */
public non-sealed interface NumberFunction extends FormulaFunction {

    /**
     * The value for checked arguments in base units.
     *
     * @throws dev.steelyard.core.formula.ast.Undefined where there is none
     */
    BigDecimal apply(BigDecimal[] arguments);
}
