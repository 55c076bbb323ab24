package dev.steelyard.core.formula.function;

import dev.steelyard.core.formula.ast.Kind;
import java.util.List;

/** One of two values, by a condition; only the one picked is evaluated. */
final class If implements LogicFunction {

    @Override
    public String name() {
        return "IF";
    }

    @Override
    public String arguments() {
        return "condition; then; else";
    }

    @Override
    public String help() {
        return "one value or the other";
    }

    @Override
    public Example example() {
        return new Example("IF(3 > 2; 10 EUR; 1 EUR / 0)", "10");
    }

    @Override
    public Count count() {
        return new Count(3, 3);
    }

    @Override
    public Verdict check(List<Kind> arguments) {
        if (!(arguments.get(0) instanceof Kind.YesNo)) {
            return new Verdict.Misfit(
                    0, "IF asks a yes or no first; this is " + arguments.get(0).words());
        }
        return arguments.get(1).equals(arguments.get(2))
                ? new Verdict.Fits(arguments.get(1))
                : new Verdict.Misfit(
                        2,
                        "Both values of IF are of one kind; this is "
                                + arguments.get(2).words() + ", the other is "
                                + arguments.get(1).words());
    }

    @Override
    public Logic logic() {
        return Logic.IF;
    }
}
