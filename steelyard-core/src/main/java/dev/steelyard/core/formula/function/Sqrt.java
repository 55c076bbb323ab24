package dev.steelyard.core.formula.function;

import dev.steelyard.core.formula.ast.Failure;
import dev.steelyard.core.formula.ast.Kind;
import dev.steelyard.core.formula.ast.Undefined;
import dev.steelyard.core.number.Decimals;
import java.math.BigDecimal;
import java.util.List;

/** The square root, to 34 digits, half-even. */
final class Sqrt implements NumberFunction {

    @Override
    public String name() {
        return "SQRT";
    }

    @Override
    public String arguments() {
        return "value";
    }

    @Override
    public String help() {
        return "the square root";
    }

    @Override
    public Example example() {
        return new Example("SQRT(2.25 m2)", "1.5");
    }

    @Override
    public Count count() {
        return new Count(1, 1);
    }

    @Override
    public Verdict check(List<Kind> arguments) {
        if (!(arguments.get(0) instanceof Kind.Measure value)) {
            return new Verdict.Misfit(
                    0, "SQRT takes a number; this is " + arguments.get(0).words());
        }
        return value.dimension().isSquare()
                ? new Verdict.Fits(new Kind.Measure(value.dimension().root()))
                : new Verdict.Misfit(0, "SQRT takes even powers of a unit, such as an area; this is " + value.words());
    }

    @Override
    public BigDecimal apply(BigDecimal[] arguments) {
        if (arguments[0].signum() < 0) {
            throw new Undefined(Failure.ROOT_OF_NEGATIVE);
        }
        return arguments[0].sqrt(Decimals.EXACT);
    }
}
