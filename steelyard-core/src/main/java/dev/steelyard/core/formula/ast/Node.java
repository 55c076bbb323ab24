package dev.steelyard.core.formula.ast;

import dev.steelyard.core.unit.Dimension;
import java.math.BigDecimal;
import java.util.List;

/** A part of a formula as read. Every node knows its place in the text. */
public sealed interface Node {

    Span span();

    /** The same at a wider place, parentheses included. */
    Node within(Span wider);

    /** A number, in base units: {@code 80 cm} is 0.80 of length. */
    record Number(Span span, BigDecimal value, Dimension dimension) implements Node {
        @Override
        public Node within(Span wider) {
            return new Number(wider, value, dimension);
        }
    }

    /** A text in quotes, without them. */
    record Text(Span span, String value) implements Node {
        @Override
        public Node within(Span wider) {
            return new Text(wider, value);
        }
    }

    /** Something a scope gives a meaning. */
    record Name(Span span, String name) implements Node {
        @Override
        public Node within(Span wider) {
            return new Name(wider, name);
        }
    }

    /** A minus in front. */
    record Negative(Span span, Node of) implements Node {
        @Override
        public Node within(Span wider) {
            return new Negative(wider, of);
        }
    }

    /** A percent sign behind: divided by a hundred. */
    record Percent(Span span, Node of) implements Node {
        @Override
        public Node within(Span wider) {
            return new Percent(wider, of);
        }
    }

    /** Two parts and what is between. */
    record Binary(Span span, Operator operator, Node left, Node right) implements Node {
        @Override
        public Node within(Span wider) {
            return new Binary(wider, operator, left, right);
        }
    }

    /** A function with its arguments, its name in capitals. */
    record Call(Span span, Span nameSpan, String function, List<Node> arguments) implements Node {
        public Call {
            arguments = List.copyOf(arguments);
        }

        @Override
        public Node within(Span wider) {
            return new Call(wider, nameSpan, function, arguments);
        }
    }

    /** Something that could not be read; an issue says why. */
    record Broken(Span span) implements Node {
        @Override
        public Node within(Span wider) {
            return new Broken(wider);
        }
    }
}
