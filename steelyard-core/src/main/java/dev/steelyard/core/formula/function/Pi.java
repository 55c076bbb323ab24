package dev.steelyard.core.formula.function;

import dev.steelyard.core.formula.ast.Kind;
import java.math.BigDecimal;
import java.util.List;

/** The ratio of a circle’s circumference to its diameter, to 34 digits. */
final class Pi implements NumberFunction {

    @Override
    public String name() {
        return "PI";
    }

    @Override
    public String arguments() {
        return "";
    }

    @Override
    public String help() {
        return "3.14159…";
    }

    @Override
    public Example example() {
        return new Example("ROUND(PI(); 4)", "3.1416");
    }

    @Override
    public Count count() {
        return new Count(0, 0);
    }

    @Override
    public Verdict check(List<Kind> arguments) {
        return new Verdict.Fits(Kind.PLAIN);
    }

    private static final BigDecimal VALUE = new BigDecimal("3.141592653589793238462643383279503");

    @Override
    public BigDecimal apply(BigDecimal[] arguments) {
        return VALUE;
    }
}
