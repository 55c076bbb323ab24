package dev.steelyard.core.formula.function;

import dev.steelyard.core.formula.ast.Kind;
import java.util.List;

/** Whether any condition holds. */
final class Or implements LogicFunction {

    @Override
    public String name() {
        return "OR";
    }

    @Override
    public String arguments() {
        return "condition; …";
    }

    @Override
    public String help() {
        return "yes where any holds";
    }

    @Override
    public Example example() {
        return new Example("IF(OR(1 > 2; 2 < 3); 1; 0)", "1");
    }

    @Override
    public Count count() {
        return new Count(1, Count.MANY);
    }

    @Override
    public Verdict check(List<Kind> arguments) {
        return Kinds.conditions("OR", arguments);
    }

    @Override
    public Logic logic() {
        return Logic.OR;
    }
}
