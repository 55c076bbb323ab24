package dev.steelyard.core.formula.function;

import dev.steelyard.core.formula.ast.Kind;
import java.util.List;

/** Whether all conditions hold. */
final class And implements LogicFunction {

    @Override
    public String name() {
        return "AND";
    }

    @Override
    public String arguments() {
        return "condition; …";
    }

    @Override
    public String help() {
        return "yes where all hold";
    }

    @Override
    public Example example() {
        return new Example("IF(AND(1 < 2; 2 < 3); 1; 0)", "1");
    }

    @Override
    public Count count() {
        return new Count(1, Count.MANY);
    }

    @Override
    public Verdict check(List<Kind> arguments) {
        return Kinds.conditions("AND", arguments);
    }

    @Override
    public Logic logic() {
        return Logic.AND;
    }
}
