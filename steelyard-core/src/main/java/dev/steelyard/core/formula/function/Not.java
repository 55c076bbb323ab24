package dev.steelyard.core.formula.function;

import dev.steelyard.core.formula.ast.Kind;
import java.util.List;

/** Whether a condition does not hold. */
final class Not implements LogicFunction {

    @Override
    public String name() {
        return "NOT";
    }

    @Override
    public String arguments() {
        return "condition";
    }

    @Override
    public String help() {
        return "yes where it does not hold";
    }

    @Override
    public Example example() {
        return new Example("IF(NOT(1 > 2); 1; 0)", "1");
    }

    @Override
    public Count count() {
        return new Count(1, 1);
    }

    @Override
    public Verdict check(List<Kind> arguments) {
        return Kinds.conditions("NOT", arguments);
    }

    @Override
    public Logic logic() {
        return Logic.NOT;
    }
}
