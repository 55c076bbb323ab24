package dev.steelyard.core.prepared;

import dev.steelyard.core.card.NamedRate;
import dev.steelyard.core.formula.ast.Node;
import dev.steelyard.core.formula.parse.Parser;
import org.jspecify.annotations.Nullable;

/** Reads the value of a named rate with its unit, as formulas read a number: {@code 42.00 EUR/m2}. */
final class RateText {

    private RateText() {}

    /** The value in base units and what it measures; none, with an issue, where the unit is none. */
    static Node.@Nullable Number read(NamedRate rate, String currency, String at, Issues issues) {
        String unit = rate.unit().strip();
        String text = rate.value().toPlainString() + (unit.isEmpty() || unit.equals("1") ? "" : " " + unit);
        Parser.Parsed parsed = Parser.parse(text, currency);
        if (parsed.issues().isEmpty()) {
            if (parsed.node() instanceof Node.Number number) {
                return number;
            }
            if (parsed.node() instanceof Node.Negative negative && negative.of() instanceof Node.Number number) {
                return new Node.Number(number.span(), number.value().negate(), number.dimension());
            }
        }
        issues.add(
                at + "/unit",
                "“" + unit + "” is no unit; write one such as " + currency + "/m2, kg/m3, m2/L, L or " + currency);
        return null;
    }
}
