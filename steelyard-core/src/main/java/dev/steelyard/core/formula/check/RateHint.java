package dev.steelyard.core.formula.check;

import dev.steelyard.core.formula.ast.Issue;
import dev.steelyard.core.formula.ast.Kind;
import dev.steelyard.core.formula.ast.Node;
import dev.steelyard.core.formula.ast.Nodes;
import dev.steelyard.core.formula.ast.Operator;
import dev.steelyard.core.formula.ast.Scope;
import dev.steelyard.core.formula.ast.Span;
import dev.steelyard.core.formula.ast.Symbol;
import dev.steelyard.core.unit.Dimension;
import dev.steelyard.core.unit.Unit;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

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
        Node.Number bare = bareFactor(node);
        String unit = bare == null ? "" : unit(node, is.dimension());
        boolean behind = bare != null && bare.span().from() > node.span().from();
        if (bare != null && !unit.isEmpty() && (behind || rate.isEmpty())) {
            String price = bare.span().of(text) + " " + scope.currency() + "/" + unit;
            return new Issue(
                    bare.span(),
                    said + ". If “" + bare.span().of(text) + "” is the price of one " + unit + ", write " + price,
                    price);
        }
        return rate.map(found -> new Issue(
                        node.span(),
                        said + ". Multiply it by a rate such as ‘" + found.name() + "’ (" + wanted.words()
                                + ") to get a price",
                        wrapped(node) + " * " + found.name()))
                .orElseGet(() -> Issue.at(
                        node.span(), said + ". Multiply it by a rate that is " + wanted.words() + " to get a price"));
    }

    /** A bare number that the rest is multiplied by: most likely the price of a unit, written without one. */
    private static Node.@Nullable Number bareFactor(Node node) {
        if (node instanceof Node.Binary binary && binary.operator() == Operator.MULTIPLY) {
            for (Node side : List.of(binary.right(), binary.left())) {
                if (side instanceof Node.Number number && number.dimension().equals(Dimension.PLAIN)) {
                    return number;
                }
            }
            return bareFactor(binary.left());
        }
        return null;
    }

    /** The unit a rate is most likely meant in: of the family in which the first measurement is typed. */
    private String unit(Node node, Dimension dimension) {
        List<String> feet = List.of("in", "ft", "yd");
        List<String> pounds = List.of("lb", "oz");
        String typed = Nodes.names(node).stream()
                .map(name -> scope.find(name.name()).map(Symbol::unit).orElse(null))
                .filter(Objects::nonNull)
                .map(Unit::code)
                .findFirst()
                .orElse("");
        String length = feet.contains(typed.replaceAll("[23]$", "")) ? "ft" : "m";
        if (dimension.equals(Dimension.LENGTH)) {
            return length;
        } else if (dimension.equals(Dimension.AREA)) {
            return length + "2";
        } else if (dimension.equals(Dimension.VOLUME)) {
            return typed.equals("L") || typed.equals("mL") ? "L" : length + "3";
        }
        return dimension.equals(Dimension.WEIGHT) ? pounds.contains(typed) ? "lb" : "kg" : "";
    }

    private String wrapped(Node node) {
        Span span = node.span();
        boolean sum = node instanceof Node.Binary binary
                && (binary.operator() == Operator.ADD || binary.operator() == Operator.SUBTRACT)
                && binary.left().span().from() == span.from(); // else it has its parentheses
        return sum ? "(" + span.of(text) + ")" : span.of(text);
    }
}
