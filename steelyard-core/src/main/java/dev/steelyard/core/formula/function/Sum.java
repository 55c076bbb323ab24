package dev.steelyard.core.formula.function;

import dev.steelyard.core.formula.ast.Kind;
import dev.steelyard.core.number.Decimals;
import java.math.BigDecimal;
import java.util.List;

/** The sum of several, added from left to right. */
final class Sum implements NumberFunction {

    @Override
    public String name() {
        return "SUM";
    }

    @Override
    public String arguments() {
        return "value; …";
    }

    @Override
    public String help() {
        return "the values added up";
    }

    @Override
    public Example example() {
        return new Example("SUM(1; 2; 3.5)", "6.5");
    }

    @Override
    public Count count() {
        return new Count(1, Count.MANY);
    }

    @Override
    public Verdict check(List<Kind> arguments) {
        return Kinds.allAlike("SUM", arguments);
    }

    @Override
    public BigDecimal apply(BigDecimal[] arguments) {
        BigDecimal sum = arguments[0];
        for (int i = 1; i < arguments.length; i++) {
            sum = sum.add(arguments[i], Decimals.EXACT);
        }
        return sum;
    }
}
