package dev.steelyard.core.formula.check;

import dev.steelyard.core.formula.ast.Issue;
import dev.steelyard.core.formula.ast.Kind;
import dev.steelyard.core.formula.ast.Node;
import dev.steelyard.core.formula.ast.Operator;
import dev.steelyard.core.formula.ast.Scope;
import dev.steelyard.core.formula.ast.Span;
import dev.steelyard.core.formula.ast.Symbol;
import dev.steelyard.core.unit.Dimension;
import java.util.Comparator;
import java.util.Optional;

/** What turns a measure into a price: a rate of the card that fits it. */
final class RateHint {

    private final String text;
    private final Scope scope;

    RateHint(String text, Scope scope) {
        this.text = text;
        this.scope = scope;
    }

    /** “width * drop is an area. Multiply it by a rate such as ‘cloth’ (money per m²) to get a price.” */
    Issue priceWanted(Node node, Kind.Measure is, String lead) {
        String said = "“" + node.span().of(text) + "” is " + is.words() + lead;
        if (is.dimension().equals(Dimension.PLAIN)) {
            return node instanceof Node.Number
                    ? new Issue(
                            node.span(),
                            said + ". Write it with the currency to make it a price",
                            node.span().of(text) + " " + scope.currency())
                    : Issue.at(
                            node.span(), said + ". Multiply it by an amount of money, such as 1 " + scope.currency());
        }
        Dimension wanted = Dimension.MONEY.per(is.dimension());
        Optional<Symbol> rate = scope.symbols().stream()
                .filter(symbol -> symbol.kind().equals(new Kind.Measure(wanted)))
                .min(Comparator.comparingInt(Symbol::slot));
        return rate.map(found -> new Issue(
                        node.span(),
                        said + ". Multiply it by a rate such as ‘" + found.name() + "’ (" + wanted.words()
                                + ") to get a price",
                        wrapped(node) + " * " + found.name()))
                .orElseGet(() -> Issue.at(
                        node.span(), said + ". Multiply it by a rate that is " + wanted.words() + " to get a price"));
    }

    private String wrapped(Node node) {
        Span span = node.span();
        boolean sum = node instanceof Node.Binary binary
                && (binary.operator() == Operator.ADD || binary.operator() == Operator.SUBTRACT)
                && binary.left().span().from() == span.from(); // else it has its parentheses
        return sum ? "(" + span.of(text) + ")" : span.of(text);
    }
}
