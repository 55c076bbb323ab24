package dev.steelyard.core.formula.run;

import dev.steelyard.core.formula.ast.Operator;
import dev.steelyard.core.formula.ast.Span;
import dev.steelyard.core.formula.ast.Undefined;
import java.math.BigDecimal;
import java.util.List;

/** Operations from left to right, each on what the ones before it made. */
final class Chain implements NumberEval {

    private final NumberEval first;
    private final Link[] links;

    Chain(NumberEval first, List<Link> links) {
        this.first = first;
        this.links = links.toArray(Link[]::new);
    }

    /** The next operator and its right side; the span is of everything up to there. */
    record Link(Operator operator, NumberEval right, Span span) {}

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
}
