package dev.steelyard.core.formula.function;

import dev.steelyard.core.formula.ast.Kind;
import dev.steelyard.core.number.Decimals;
import java.math.BigDecimal;
import java.util.List;

/** What is left of a division, with the divisor’s sign. */
final class Mod implements NumberFunction {

    @Override
    public String name() {
        return "MOD";
    }

    @Override
    public String arguments() {
        return "value; divisor";
    }

    @Override
    public String help() {
        return "what is left when divided";
    }

    @Override
    public Example example() {
        return new Example("MOD(17; 5)", "2");
    }

    @Override
    public Count count() {
        return new Count(2, 2);
    }

    @Override
    public Verdict check(List<Kind> arguments) {
        return Kinds.allAlike("MOD", arguments);
    }

    @Override
    public BigDecimal apply(BigDecimal[] arguments) {
        BigDecimal divisor = arguments[1];
        BigDecimal below = Steps.floor(arguments[0], divisor);
        BigDecimal rest = arguments[0].subtract(below, Decimals.EXACT);
        return divisor.signum() < 0 && rest.signum() != 0 ? rest.add(divisor, Decimals.EXACT) : rest;
    }
}
