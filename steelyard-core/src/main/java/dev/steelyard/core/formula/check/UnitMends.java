package dev.steelyard.core.formula.check;

import dev.steelyard.core.formula.ast.Issue;
import dev.steelyard.core.formula.ast.Kind;
import dev.steelyard.core.formula.ast.Node;
import dev.steelyard.core.formula.ast.Scope;
import dev.steelyard.core.formula.ast.Symbol;
import dev.steelyard.core.formula.function.FormulaFunction.Verdict;
import java.util.List;

/** Issues about numbers of different kinds, mended by the unit that a bare number was meant to have. */
final class UnitMends {

    private final String text;
    private final Scope scope;

    UnitMends(String text, Scope scope) {
        this.text = text;
        this.scope = scope;
    }

    /** Names both sides; a plain number beside a measurement gets the unit that is typed there as a mend. */
    Issue unlike(Node.Binary binary, Kind left, Kind right, String lead) {
        String message = lead + binary.left().span().of(text) + "” is " + left.words() + ", “"
                + binary.right().span().of(text) + "” is " + right.words();
        boolean rightIsPlain = right.equals(Kind.PLAIN);
        Node plain = rightIsPlain ? binary.right() : binary.left();
        String unit = unitOf(rightIsPlain ? binary.left() : binary.right(), rightIsPlain ? left : right);
        if (plain instanceof Node.Number && (rightIsPlain || left.equals(Kind.PLAIN)) && !unit.isEmpty()) {
            return new Issue(plain.span(), message, plain.span().of(text) + " " + unit);
        }
        return Issue.at(binary.span(), message);
    }

    private String unitOf(Node node, Kind kind) {
        if (kind.equals(Kind.MONEY)) {
            return scope.currency();
        }
        return node instanceof Node.Name name
                ? scope.find(name.name())
                        .map(Symbol::unit)
                        .map(unit -> unit.code())
                        .orElse("")
                : "";
    }

    /** An argument of another kind than the rest; a bare number beside money gets the currency as a mend. */
    Issue misfit(Node.Call call, List<Kind> arguments, Verdict.Misfit misfit) {
        Node argument = call.arguments().get(misfit.argument());
        boolean plain = argument instanceof Node.Number
                && arguments.get(misfit.argument()).equals(Kind.PLAIN);
        boolean money = arguments.contains(Kind.MONEY);
        Node first = call.arguments().get(0);
        if (!plain && money && first instanceof Node.Number && arguments.get(0).equals(Kind.PLAIN)) {
            return new Issue(first.span(), misfit.message(), first.span().of(text) + " " + scope.currency());
        }
        return new Issue(
                argument.span(),
                misfit.message(),
                plain && money ? argument.span().of(text) + " " + scope.currency() : null);
    }
}
