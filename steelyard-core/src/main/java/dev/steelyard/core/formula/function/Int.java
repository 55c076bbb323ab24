package dev.steelyard.core.formula.function;

import dev.steelyard.core.formula.ast.Kind;
import dev.steelyard.core.number.Decimals;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;

/** Down to a whole number, toward −∞. */
final class Int implements NumberFunction {

    @Override
    public String name() {
        return "INT";
    }

    @Override
    public String arguments() {
        return "value";
    }

    @Override
    public String help() {
        return "the next whole number down";
    }

    @Override
    public Example example() {
        return new Example("INT(-2.5)", "-3");
    }

    @Override
    public Count count() {
        return new Count(1, 1);
    }

    @Override
    public Verdict check(List<Kind> arguments) {
        return Kinds.rounded("INT", arguments);
    }

    @Override
    public BigDecimal apply(BigDecimal[] arguments) {
        return arguments[0].setScale(0, RoundingMode.FLOOR).round(Decimals.EXACT);
    }
}
