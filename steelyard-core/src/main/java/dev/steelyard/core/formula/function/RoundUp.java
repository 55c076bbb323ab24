package dev.steelyard.core.formula.function;

import dev.steelyard.core.formula.ast.Kind;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;

/** To so many decimals, away from zero. */
final class RoundUp implements NumberFunction {

    @Override
    public String name() {
        return "ROUNDUP";
    }

    @Override
    public String arguments() {
        return "value; digits";
    }

    @Override
    public String help() {
        return "rounded to so many decimals, away from 0";
    }

    @Override
    public Example example() {
        return new Example("ROUNDUP(2.341; 2)", "2.35");
    }

    @Override
    public Count count() {
        return new Count(1, 2);
    }

    @Override
    public Verdict check(List<Kind> arguments) {
        return Kinds.rounded("ROUNDUP", arguments);
    }

    @Override
    public BigDecimal apply(BigDecimal[] arguments) {
        return Steps.digits(arguments, RoundingMode.UP);
    }
}
