package dev.steelyard.core.formula;

import dev.steelyard.core.formula.ast.Failure;
import dev.steelyard.core.formula.ast.Issue;
import dev.steelyard.core.formula.ast.Kind;
import dev.steelyard.core.formula.ast.Node;
import dev.steelyard.core.formula.ast.Nodes;
import dev.steelyard.core.formula.ast.Scope;
import dev.steelyard.core.formula.check.Checker;
import dev.steelyard.core.formula.parse.Parser;
import dev.steelyard.core.formula.run.ConditionEval;
import dev.steelyard.core.formula.run.FormulaFailure;
import dev.steelyard.core.formula.run.Frame;
import dev.steelyard.core.formula.run.NumberEval;
import dev.steelyard.core.formula.run.Preparation;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Packed;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/**
 * A formula read, checked and prepared once, to be run many times. Immutable and safe to share between threads; what
 * changes from run to run is in the {@link Frame}.
 */
public final class Formula {

    private final String text;
    private final Scope scope;
    private final Node root;
    private final @Nullable NumberEval number;
    private final @Nullable ConditionEval condition;

    private Formula(
            String text, Scope scope, Node root, @Nullable NumberEval number, @Nullable ConditionEval condition) {
        this.text = text;
        this.scope = scope;
        this.root = root;
        this.number = number;
        this.condition = condition;
    }

    /**
     * What came of preparing.
     *
     * @param formula none where there are issues
     * @param issues by place
     */
    public record Prepared(@Nullable Formula formula, List<Issue> issues) {

        /** The formula, where there is one. */
        public Formula orThrow() {
            if (formula == null) {
                throw new IllegalArgumentException(issues.get(0).message());
            }
            return formula;
        }
    }

    /** Reads, checks and prepares a text that must come to a kind: money, an amount, or a yes or no. */
    public static Prepared prepare(String text, Scope scope, Kind expected) {
        Prepared prepared = prepareAsWritten(text, scope, expected);
        if (prepared.formula() != null) {
            return prepared;
        }
        List<Issue> habits = Habits.in(text, scope);
        if (!habits.isEmpty()) {
            return new Prepared(null, habits);
        }
        return prepared.issues().stream().noneMatch(issue -> issue.message().equals(Parser.NEVER_CLOSED))
                ? prepared
                : new Prepared(
                        null,
                        List.of(Closing.of(
                                text,
                                prepared.issues(),
                                closed -> prepareAsWritten(closed, scope, expected)
                                                .formula()
                                        != null)));
    }

    private static Prepared prepareAsWritten(String text, Scope scope, Kind expected) {
        Parser.Parsed parsed = Parser.parse(text, scope.currency());
        List<Issue> issues = new ArrayList<>(parsed.issues());
        Checker.Checked checked = Checker.check(
                text, parsed.node(), scope, expected, parsed.issues().isEmpty());
        issues.addAll(checked.issues());
        if (!issues.isEmpty()) {
            issues.sort(Comparator.comparingInt((Issue issue) -> issue.span().from())
                    .thenComparingInt(issue -> issue.span().to()));
            return new Prepared(null, List.copyOf(issues));
        }
        Preparation preparation = new Preparation(scope, checked.kinds());
        boolean asks = expected instanceof Kind.YesNo;
        return new Prepared(
                new Formula(
                        text,
                        scope,
                        parsed.node(),
                        asks ? null : preparation.number(parsed.node()),
                        asks ? preparation.condition(parsed.node()) : null),
                List.of());
    }

    /** What a text comes to, whatever that is; none where something in it is wrong. */
    public static Optional<Kind> kind(String text, Scope scope) {
        Parser.Parsed parsed = Parser.parse(text, scope.currency());
        Checker.Checked checked = Checker.check(text, parsed.node(), scope, Kind.PLAIN, false);
        boolean right = parsed.issues().isEmpty() && checked.issues().isEmpty();
        return right ? Optional.ofNullable(checked.kinds().get(parsed.node())) : Optional.empty();
    }

    /** A frame for its names. */
    public Frame frame() {
        return new Frame(scope);
    }

    /**
     * Its value in base units, exact to 34 digits.
     *
     * @throws FormulaFailure where it has none for these inputs, or one of 10^12 or more
     */
    public BigDecimal number(Frame frame) {
        NumberEval prepared = Objects.requireNonNull(number, "this formula is a condition");
        long quick = prepared.quick(frame);
        BigDecimal value = quick == Packed.NONE ? prepared.value(frame) : Packed.value(quick);
        if (Decimals.tooLarge(value)) {
            throw new FormulaFailure(Failure.TOO_LARGE, root.span());
        }
        return value;
    }

    /**
     * Whether it holds.
     *
     * @throws FormulaFailure where that cannot be said for these inputs
     */
    public boolean holds(Frame frame) {
        return Objects.requireNonNull(condition, "this formula is a number").holds(frame);
    }

    /** Whether it reads a name. */
    public boolean reads(String name) {
        return reading().contains(name);
    }

    /** The names it reads. */
    public Set<String> reading() {
        Set<String> names = new LinkedHashSet<>();
        Nodes.names(root).forEach(name -> names.add(name.name()));
        return names;
    }

    /** Its text with something put in for each name, such as the numbers of one run. */
    public String with(UnaryOperator<String> shown) {
        StringBuilder written = new StringBuilder();
        int done = 0;
        for (Node.Name name : Nodes.names(root)) {
            int start = text.indexOf(name.name(), name.span().from()); // parentheses may stand before it
            written.append(text, done, start).append(shown.apply(name.name()));
            done = start + name.name().length();
        }
        return written.append(text.substring(done)).toString();
    }

    /** What it was read to, for those who look into it. */
    public Node root() {
        return root;
    }

    /** The names it may use. */
    public Scope scope() {
        return scope;
    }

    /** The text it was read from. */
    @Override
    public String toString() {
        return text;
    }
}
