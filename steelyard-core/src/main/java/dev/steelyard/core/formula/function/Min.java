package dev.steelyard.core.formula.function;

import dev.steelyard.core.formula.ast.Kind;
import dev.steelyard.core.formula.function.FormulaFunction.Count;
import dev.steelyard.core.formula.function.FormulaFunction.Example;
import dev.steelyard.core.formula.function.FormulaFunction.Verdict;
import dev.steelyard.core.number.Packed;
import java.math.BigDecimal;
import java.util.List;

/** The smallest of several. */
final class Min implements NumberFunction {

    @Override
    public String name() {
        return "MIN";
    }

    @Override
    public String arguments() {
        return "value; …";
    }

    @Override
    public String help() {
        return "the smallest of the values";
    }

    @Override
    public Example example() {
        return new Example("MIN(80 cm; 1.2 m)", "0.80");
    }

    @Override
    public Count count() {
        return new Count(1, Count.MANY);
    }

    @Override
    public Verdict check(List<Kind> arguments) {
        return Kinds.allAlike("MIN", arguments);
    }

    @Override
    public BigDecimal apply(BigDecimal[] arguments) {
        BigDecimal least = arguments[0];
        for (BigDecimal value : arguments) {
            least = least.min(value);
        }
        return least;
    }

    @Override
    public long quick(long first, long second) {
        int order = Packed.compare(first, second);
        return order == Packed.UNKNOWN ? Packed.NONE : order <= 0 ? first : second;
    }
}
