package dev.steelyard.core.formula.function;

import dev.steelyard.core.formula.ast.Kind;
import java.util.List;

/** A function of the formula language, with all that its documentation and its check need. */
public sealed interface FormulaFunction permits NumberFunction, LogicFunction {

    /** In capitals, as OpenFormula names it. */
    String name();

    /** Its arguments as documented: “value; digits”. */
    String arguments();

    /** What it does, in one line. */
    String help();

    /** A formula that uses it. */
    Example example();

    /** The least and the largest number of arguments. */
    Count count();

    /** What it comes to for arguments of these kinds, or why it does not take them. Never called with an unknown kind. */
    Verdict check(List<Kind> arguments);

    /** A formula and what it comes to, both as written. */
    record Example(String formula, String result) {}

    /** How many arguments. */
    record Count(int least, int most) {

        static final int MANY = 30;

        /** “2”, “1 or 2”, “1 to 30”. */
        public String words() {
            return least == most ? "" + least : most == least + 1 ? least + " or " + most : least + " to " + most;
        }
    }

    /** The outcome of a check. */
    sealed interface Verdict {

        /** It fits and comes to this. */
        record Fits(Kind kind) implements Verdict {}

        /** An argument, counted from 0, does not fit. */
        record Misfit(int argument, String message) implements Verdict {}
    }
}
