package dev.steelyard.core.formula.function;

import dev.steelyard.core.formula.ast.Kind;
import java.math.BigDecimal;
import java.util.List;

/** Up to a multiple of a step. */
final class Ceiling implements NumberFunction {

    @Override
    public String name() {
        return "CEILING";
    }

    @Override
    public String arguments() {
        return "value; step (1 if left out)";
    }

    @Override
    public String help() {
        return "up to the next multiple of the step";
    }

    @Override
    public Example example() {
        return new Example("CEILING(5.23 m; 25 cm)", "5.25");
    }

    @Override
    public Count count() {
        return new Count(1, 2);
    }

    @Override
    public Verdict check(List<Kind> arguments) {
        return Kinds.stepped("CEILING", arguments);
    }

    @Override
    public BigDecimal apply(BigDecimal[] arguments) {
        return Steps.ceiling(arguments[0], Steps.step(arguments));
    }
}
