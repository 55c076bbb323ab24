package dev.steelyard.core.formula.run;

import dev.steelyard.core.formula.ast.Operator;
import dev.steelyard.core.formula.ast.Span;
import dev.steelyard.core.formula.ast.Undefined;
import dev.steelyard.core.formula.run.Parts.Constant;
import dev.steelyard.core.number.Inverse;
import dev.steelyard.core.number.Packed;
import java.math.BigDecimal;
import java.util.List;

/** Operations from left to right, each on what the ones before it made. */
final class Chain implements NumberEval {

    private static final long SQUARED = Packed.of(BigDecimal.valueOf(2));

    private final NumberEval first;
    private final Link[] links;

    Chain(NumberEval first, List<Link> links) {
        this.first = first;
        this.links = links.toArray(Link[]::new);
    }

    /** The next operator and its right side; the span is of everything up to there. */
    record Link(Operator operator, NumberEval right, Span span) {

        /** A division by a number whose inverse ends is a multiplication by that, which gives the same digits. */
        static Link of(Operator operator, NumberEval right, Span span) {
            if (operator == Operator.DIVIDE && right instanceof Constant constant) {
                BigDecimal inverse = Inverse.of(constant.amount());
                if (inverse != null) {
                    return new Link(Operator.MULTIPLY, Constant.of(inverse), span);
                }
            }
            return new Link(operator, right, span);
        }
    }

    @Override
    public BigDecimal value(Frame frame) {
        BigDecimal value = first.value(frame);
        for (Link link : links) {
            BigDecimal right = link.right().value(frame);
            try {
                value = Arithmetic.apply(link.operator(), value, right);
            } catch (Undefined undefined) {
                throw new FormulaFailure(undefined.failure(), link.span());
            }
        }
        return value;
    }

    @Override
    public long quick(Frame frame) {
        long value = first.quick(frame);
        for (Link link : links) {
            long right = link.right().quick(frame);
            switch (link.operator()) {
                case ADD -> value = Packed.add(value, right);
                case SUBTRACT -> value = Packed.add(value, Packed.negate(right));
                case MULTIPLY -> value = Packed.multiply(value, right);
                case POWER -> value = right == SQUARED ? Packed.multiply(value, value) : Packed.NONE;
                default -> value = Packed.NONE;
            }
            if (value == Packed.NONE) {
                return Packed.NONE;
            }
        }
        return value;
    }
}
