package dev.steelyard.core.formula.run;

import dev.steelyard.core.formula.ast.Kind;
import dev.steelyard.core.formula.ast.Node;
import dev.steelyard.core.formula.ast.Operator;
import dev.steelyard.core.formula.ast.Scope;
import dev.steelyard.core.formula.ast.Symbol;
import dev.steelyard.core.formula.function.FormulaFunction;
import dev.steelyard.core.formula.function.Functions;
import dev.steelyard.core.formula.function.LogicFunction;
import dev.steelyard.core.formula.function.NumberFunction;
import dev.steelyard.core.formula.run.Parts.Comparison;
import dev.steelyard.core.formula.run.Parts.Constant;
import dev.steelyard.core.formula.run.Parts.Either;
import dev.steelyard.core.formula.run.Parts.Hundredth;
import dev.steelyard.core.formula.run.Parts.Named;
import dev.steelyard.core.formula.run.Parts.Negated;
import dev.steelyard.core.formula.run.Parts.OfMany;
import dev.steelyard.core.formula.run.Parts.OfTwo;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * Turns checked nodes into small evaluators. Parts without names are worked out here, once, by the same operations in
 * the same order, so no digit changes; a part that fails is left to fail when it is run, since IF may never pick it.
 */
public final class Preparation {

    private final Scope scope;
    private final Map<Node, Kind> kinds;

    /**
     * @param kinds of every node, as checked; nothing unknown among them
     */
    public Preparation(Scope scope, Map<Node, Kind> kinds) {
        this.scope = scope;
        this.kinds = kinds;
    }

    /** A node that comes to a number. */
    public NumberEval number(Node node) {
        if (node instanceof Node.Number number) {
            return Constant.of(number.value());
        } else if (node instanceof Node.Name name) {
            return named(name);
        } else if (node instanceof Node.Negative negative) {
            NumberEval of = number(negative.of());
            return folded(new Negated(of), of);
        } else if (node instanceof Node.Percent percent) {
            NumberEval of = number(percent.of());
            return folded(new Hundredth(of), of);
        } else if (node instanceof Node.Binary binary) {
            return arithmetic(binary);
        }
        return call((Node.Call) node);
    }

    private NumberEval named(Node.Name name) {
        Symbol symbol = symbol(name);
        return symbol.constant() != null ? Constant.of(symbol.constant()) : new Named(symbol.slot(), name.span());
    }

    /** A long sum is a loop over its parts, whatever its depth as a tree. */
    private NumberEval arithmetic(Node.Binary binary) {
        Deque<Node.Binary> spine = new ArrayDeque<>();
        Node leftmost = binary;
        while (leftmost instanceof Node.Binary next) {
            spine.push(next);
            leftmost = next.left();
        }
        NumberEval first = number(leftmost);
        List<Chain.Link> links = new ArrayList<>();
        while (!spine.isEmpty()) {
            Node.Binary next = spine.pop();
            Chain.Link link = Chain.Link.of(next.operator(), number(next.right()), next.span());
            NumberEval folded = links.isEmpty() ? folded(new Chain(first, List.of(link)), first, link.right()) : null;
            if (folded instanceof Constant) {
                first = folded;
            } else {
                links.add(link);
            }
        }
        return links.isEmpty() ? first : new Chain(first, links);
    }

    private NumberEval call(Node.Call call) {
        FormulaFunction function = function(call);
        if (function instanceof LogicFunction) { // only IF comes to a number
            ConditionEval condition = condition(call.arguments().get(0));
            NumberEval then = number(call.arguments().get(1));
            NumberEval otherwise = number(call.arguments().get(2));
            return new Either(condition, then, otherwise);
        }
        NumberEval[] arguments = call.arguments().stream().map(this::number).toArray(NumberEval[]::new);
        NumberFunction applied = (NumberFunction) function;
        NumberEval made = arguments.length == 2
                ? new OfTwo(applied, arguments[0], arguments[1], call.span())
                : new OfMany(applied, List.of(arguments), call.span());
        return folded(made, arguments);
    }

    /** A node that comes to yes or no. */
    public ConditionEval condition(Node node) {
        if (node instanceof Node.Binary binary) {
            return comparison(binary);
        }
        Node.Call call = (Node.Call) node;
        LogicFunction function = (LogicFunction) function(call);
        List<ConditionEval> arguments = call.arguments().stream()
                .filter(argument -> kinds.get(argument) instanceof Kind.YesNo)
                .map(this::condition)
                .toList();
        return switch (function.logic()) {
            case NOT -> frame -> !arguments.get(0).holds(frame);
            case AND -> frame -> count(arguments, frame) == arguments.size();
            case OR -> frame -> count(arguments, frame) > 0;
            case IF -> frame ->
                    arguments.get(arguments.get(0).holds(frame) ? 1 : 2).holds(frame);
        };
    }

    /** All are asked, whatever the first ones say: a condition that fails is never passed over in silence. */
    private static int count(List<ConditionEval> conditions, Frame frame) {
        int holding = 0;
        for (ConditionEval condition : conditions) {
            holding += condition.holds(frame) ? 1 : 0;
        }
        return holding;
    }

    private ConditionEval comparison(Node.Binary binary) {
        if (kinds.get(binary.left()) instanceof Kind.Text) {
            TextEval left = text(binary.left());
            TextEval right = text(binary.right());
            boolean equal = binary.operator() == Operator.EQUAL;
            return frame -> left.text(frame).equals(right.text(frame)) == equal;
        }
        NumberEval left = number(binary.left());
        NumberEval right = number(binary.right());
        return new Comparison(binary.operator(), left, right);
    }

    private TextEval text(Node node) {
        if (node instanceof Node.Text quoted) {
            return frame -> quoted.value();
        } else if (node instanceof Node.Name name) {
            int slot = symbol(name).slot();
            return frame -> frame.text(slot);
        }
        Node.Call call = (Node.Call) node; // an IF between texts
        ConditionEval condition = condition(call.arguments().get(0));
        TextEval then = text(call.arguments().get(1));
        TextEval otherwise = text(call.arguments().get(2));
        return frame -> condition.holds(frame) ? then.text(frame) : otherwise.text(frame);
    }

    private NumberEval folded(NumberEval eval, NumberEval... parts) {
        for (NumberEval part : parts) {
            if (!(part instanceof Constant)) {
                return eval;
            }
        }
        try {
            return Constant.of(eval.value(new Frame(scope)));
        } catch (FormulaFailure failsWhenRun) {
            return eval;
        }
    }

    private Symbol symbol(Node.Name name) {
        return scope.find(name.name()).orElseThrow();
    }

    private static FormulaFunction function(Node.Call call) {
        return Objects.requireNonNull(Functions.find(call.function()).orElseThrow());
    }
}
