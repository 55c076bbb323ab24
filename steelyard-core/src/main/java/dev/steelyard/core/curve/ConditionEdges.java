package dev.steelyard.core.curve;

import dev.steelyard.core.curve.Jumps.Jump;
import dev.steelyard.core.formula.ast.Node;
import dev.steelyard.core.formula.ast.Nodes;
import dev.steelyard.core.formula.ast.Operator;
import dev.steelyard.core.number.Decimals;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Where conditions begin or cease to hold as a measurement grows, for comparisons whose sides are straight lines of it,
 * alone or under AND, OR and NOT.
 */
final class ConditionEdges {

    private static final Set<String> JOINTS = Set.of("AND", "OR", "NOT");

    private ConditionEdges() {}

    /** Whether all edges of a condition can be found. */
    static boolean straight(Node condition, String name) {
        if (Nodes.names(condition).stream().noneMatch(one -> one.name().equals(name))) {
            return true;
        }
        if (condition instanceof Node.Call call && JOINTS.contains(call.function())) {
            return call.arguments().stream().allMatch(part -> straight(part, name));
        }
        return condition instanceof Node.Binary binary
                && ordered(binary.operator())
                && linear(Degree.of(binary.left(), name))
                && linear(Degree.of(binary.right(), name));
    }

    private static boolean linear(int degree) {
        return degree == 0 || degree == 1;
    }

    private static boolean ordered(Operator operator) {
        return operator.compares() && !operator.fitsTexts();
    }

    /** The edges of a condition that is {@link #straight}. */
    static List<Jump> of(MeasurementCurve curve, String text, BigDecimal from, BigDecimal until) {
        List<Jump> edges = new ArrayList<>();
        collect(curve, curve.node(text), text, from, until, edges);
        return edges;
    }

    private static void collect(
            MeasurementCurve curve, Node node, String text, BigDecimal from, BigDecimal until, List<Jump> edges) {
        if (node instanceof Node.Call call && JOINTS.contains(call.function())) {
            call.arguments().forEach(part -> collect(curve, part, text, from, until, edges));
        } else if (node instanceof Node.Binary binary && ordered(binary.operator())) {
            edge(curve, binary, text, from, until).ifPresent(edges::add);
        }
    }

    private static Optional<Jump> edge(
            MeasurementCurve curve, Node.Binary binary, String text, BigDecimal from, BigDecimal until) {
        String difference = "(" + binary.left().span().of(text) + ") - ("
                + binary.right().span().of(text) + ")";
        BigDecimal next = from.add(BigDecimal.ONE).min(until);
        Optional<BigDecimal> first = curve.number(difference, from);
        Optional<BigDecimal> second = curve.number(difference, next);
        if (first.isEmpty() || second.isEmpty() || next.compareTo(from) == 0) {
            return Optional.empty();
        }
        BigDecimal slope =
                second.get().subtract(first.get(), Decimals.EXACT).divide(next.subtract(from), Decimals.EXACT);
        if (slope.signum() == 0) {
            return Optional.empty();
        }
        BigDecimal at = from.subtract(first.get().divide(slope, Decimals.EXACT), Decimals.EXACT);
        boolean above = binary.operator() == Operator.GREATER || binary.operator() == Operator.GREATER_OR_EQUAL;
        boolean includes =
                binary.operator() == Operator.LESS_OR_EQUAL || binary.operator() == Operator.GREATER_OR_EQUAL;
        // what begins to hold at the edge itself, or ceases to, does so from it on; else after it
        boolean begins = above == slope.signum() > 0;
        return Optional.of(new Jump(Decimals.normal(at), begins != includes));
    }
}
