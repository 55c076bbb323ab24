package dev.steelyard.core.formula.run;

import java.math.BigDecimal;

/** A prepared part that comes to a number, in base units. */
@FunctionalInterface
public interface NumberEval {

    /** @throws FormulaFailure where it has no value for these inputs */
    BigDecimal value(Frame frame);
}
