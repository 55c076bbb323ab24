package dev.steelyard.core.formula.function;

import dev.steelyard.core.formula.ast.Kind;
import dev.steelyard.core.formula.function.FormulaFunction.Verdict;
import java.util.List;

/** Checks that several functions share. */
final class Kinds {

    private Kinds() {}

    /** Numbers of one kind, which is also the result's. */
    static Verdict allAlike(String function, List<Kind> arguments) {
        Kind first = arguments.get(0);
        for (int i = 0; i < arguments.size(); i++) {
            if (!(arguments.get(i) instanceof Kind.Measure)) {
                return new Verdict.Misfit(
                        i,
                        function + " takes numbers; this is " + arguments.get(i).words());
            }
            if (!arguments.get(i).equals(first)) {
                return new Verdict.Misfit(
                        i,
                        function + " takes numbers of one kind; this is "
                                + arguments.get(i).words() + ", the first is " + first.words());
            }
        }
        return new Verdict.Fits(first);
    }

    /** A plain number or money, whose last digits mean the same in every unit, then a plain number of digits. */
    static Verdict rounded(String function, List<Kind> arguments) {
        Kind value = arguments.get(0);
        if (!value.equals(Kind.PLAIN) && !value.equals(Kind.MONEY)) {
            return new Verdict.Misfit(
                    0,
                    function + " takes a plain number or money; this is " + value.words()
                            + ". Use CEILING or FLOOR with a step, such as 1 cm");
        }
        if (arguments.size() > 1 && !arguments.get(1).equals(Kind.PLAIN)) {
            return new Verdict.Misfit(
                    1,
                    "The number of digits is a plain number; this is "
                            + arguments.get(1).words());
        }
        return new Verdict.Fits(value);
    }

    /** A value and a step of its kind; without a step a plain number, since one of a measure's units is no whole step. */
    static Verdict stepped(String function, List<Kind> arguments) {
        if (arguments.size() == 1 && !arguments.get(0).equals(Kind.PLAIN)) {
            return new Verdict.Misfit(
                    0,
                    function + " without a step takes a plain number; this is "
                            + arguments.get(0).words() + ". Give it a step, such as 25 cm or 1 EUR");
        }
        return allAlike(function, arguments);
    }

    /** Conditions only. */
    static Verdict conditions(String function, List<Kind> arguments) {
        for (int i = 0; i < arguments.size(); i++) {
            if (!(arguments.get(i) instanceof Kind.YesNo)) {
                return new Verdict.Misfit(
                        i,
                        function + " takes conditions; this is "
                                + arguments.get(i).words());
            }
        }
        return new Verdict.Fits(new Kind.YesNo());
    }
}
