package dev.steelyard.core.formula.function;

import dev.steelyard.core.formula.ast.Kind;
import dev.steelyard.core.formula.function.FormulaFunction.Count;
import dev.steelyard.core.formula.function.FormulaFunction.Example;
import dev.steelyard.core.formula.function.FormulaFunction.Verdict;
import dev.steelyard.core.number.Packed;
import java.math.BigDecimal;
import java.util.List;

/** The largest of several. */
final class Max implements NumberFunction {

    @Override
    public String name() {
        return "MAX";
    }

    @Override
    public String arguments() {
        return "value; …";
    }

    @Override
    public String help() {
        return "the largest of the values";
    }

    @Override
    public Example example() {
        return new Example("MAX(88.50 EUR; 61 EUR)", "88.50");
    }

    @Override
    public Count count() {
        return new Count(1, Count.MANY);
    }

    @Override
    public Verdict check(List<Kind> arguments) {
        return Kinds.allAlike("MAX", arguments);
    }

    @Override
    public BigDecimal apply(BigDecimal[] arguments) {
        BigDecimal most = arguments[0];
        for (BigDecimal value : arguments) {
            most = most.max(value);
        }
        return most;
    }

    @Override
    public long quick(long first, long second) {
        int order = Packed.compare(first, second);
        return order == Packed.UNKNOWN ? Packed.NONE : order >= 0 ? first : second;
    }
}
