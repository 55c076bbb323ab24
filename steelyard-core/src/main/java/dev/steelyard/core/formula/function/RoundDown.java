package dev.steelyard.core.formula.function;

import dev.steelyard.core.formula.ast.Kind;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;

/** To so many decimals, toward zero. */
final class RoundDown implements NumberFunction {

    @Override
    public String name() {
        return "ROUNDDOWN";
    }

    @Override
    public String arguments() {
        return "value; digits";
    }

    @Override
    public String help() {
        return "rounded to so many decimals, toward 0";
    }

    @Override
    public Example example() {
        return new Example("ROUNDDOWN(2.349; 2)", "2.34");
    }

    @Override
    public Count count() {
        return new Count(1, 2);
    }

    @Override
    public Verdict check(List<Kind> arguments) {
        return Kinds.rounded("ROUNDDOWN", arguments);
    }

    @Override
    public BigDecimal apply(BigDecimal[] arguments) {
        return Steps.digits(arguments, RoundingMode.DOWN);
    }
}
