package dev.steelyard.core.formula.run;

import dev.steelyard.core.number.Packed;
import java.math.BigDecimal;

/** A prepared part that comes to a number, in base units. */
public interface NumberEval {

    /** @throws FormulaFailure where it has no value for these inputs */
    BigDecimal value(Frame frame);

    /** The same value {@link Packed}; {@link Packed#NONE} where it has none that is short, or none at all. */
    default long quick(Frame frame) {
        return Packed.NONE;
    }
}
