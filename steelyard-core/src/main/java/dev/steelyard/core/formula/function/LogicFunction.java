package dev.steelyard.core.formula.function;

/** A function of conditions; how it is evaluated is the evaluator's, since IF evaluates only what it picks. */
public non-sealed interface LogicFunction extends FormulaFunction {

    /** Which of them it is. */
    Logic logic();

    /** The functions of conditions. */
    enum Logic {
        IF,
        AND,
        OR,
        NOT
    }
}
