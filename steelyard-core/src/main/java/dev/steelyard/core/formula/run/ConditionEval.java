package dev.steelyard.core.formula.run;

/** A prepared part that comes to yes or no. */
@FunctionalInterface
public interface ConditionEval {

    /** @throws FormulaFailure where it has no answer for these inputs */
    boolean holds(Frame frame);
}
