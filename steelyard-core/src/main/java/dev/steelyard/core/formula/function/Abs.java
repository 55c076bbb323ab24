package dev.steelyard.core.formula.function;

import dev.steelyard.core.formula.ast.Kind;
import java.math.BigDecimal;
import java.util.List;

/** A number without its sign. */
final class Abs implements NumberFunction {

    @Override
    public String name() {
        return "ABS";
    }

    @Override
    public String arguments() {
        return "value";
    }

    @Override
    public String help() {
        return "the value without its sign";
    }

    @Override
    public Example example() {
        return new Example("ABS(3 - 5)", "2");
    }

    @Override
    public Count count() {
        return new Count(1, 1);
    }

    @Override
    public Verdict check(List<Kind> arguments) {
        return Kinds.allAlike("ABS", arguments);
    }

    @Override
    public BigDecimal apply(BigDecimal[] arguments) {
        return arguments[0].abs();
    }
}
