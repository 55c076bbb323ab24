package dev.steelyard.core.formula.check;

import dev.steelyard.core.formula.ast.Issue;
import dev.steelyard.core.formula.ast.Kind;
import dev.steelyard.core.formula.ast.Node;
import dev.steelyard.core.formula.ast.Operator;
import dev.steelyard.core.formula.ast.Scope;
import dev.steelyard.core.formula.ast.Symbol;
import dev.steelyard.core.formula.function.FormulaFunction;
import dev.steelyard.core.formula.function.FormulaFunction.Verdict;
import dev.steelyard.core.formula.function.Functions;
import dev.steelyard.core.text.Similar;
import java.math.BigDecimal;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Works out the kind of every node. Where something is wrong the kind is unknown, and nothing follows from that. */
public final class Checker {

    private static final Kind UNKNOWN = new Kind.Unknown();
    private static final BigDecimal LARGEST_EXPONENT = BigDecimal.valueOf(99);

    private final String text;
    private final Scope scope;
    private final RateHint rateHint;
    private final UnitMends mends;
    private final List<Issue> issues = new ArrayList<>();
    private final Map<Node, Kind> kinds = new IdentityHashMap<>();

    private Checker(String text, Scope scope) {
        this.text = text;
        this.scope = scope;
        this.rateHint = new RateHint(text, scope);
        this.mends = new UnitMends(text, scope);
    }

    /**
     * What was found.
     *
     * @param kinds of every node, by identity
     */
    public record Checked(Map<Node, Kind> kinds, List<Issue> issues) {}

    /**
     * Checks a formula against the kind it must come to.
     *
     * @param whole whether it was read without an issue; else what it comes to as a whole says nothing
     */
    public static Checked check(String text, Node node, Scope scope, Kind expected, boolean whole) {
        Checker checker = new Checker(text, scope);
        Kind kind = checker.kind(node);
        if (whole && !(kind instanceof Kind.Unknown) && !kind.equals(expected)) {
            checker.issues.add(
                    expected.equals(Kind.MONEY) && kind instanceof Kind.Measure measure
                            ? checker.rateHint.priceWanted(node, measure, "")
                            : Issue.at(
                                    node.span(), "This comes to " + kind.words() + "; it must be " + expected.words()));
        }
        return new Checked(checker.kinds, List.copyOf(checker.issues));
    }

    private Kind kind(Node node) {
        Kind kind = work(node);
        kinds.put(node, kind);
        return kind;
    }

    private Kind work(Node node) {
        if (node instanceof Node.Number number) {
            return new Kind.Measure(number.dimension());
        } else if (node instanceof Node.Text) {
            return new Kind.Text();
        } else if (node instanceof Node.Name name) {
            return name(name);
        } else if (node instanceof Node.Negative negative) {
            return number(negative.of());
        } else if (node instanceof Node.Percent percent) {
            return number(percent.of());
        } else if (node instanceof Node.Binary binary) {
            return binary(binary);
        } else if (node instanceof Node.Call call) {
            return call(call);
        }
        return UNKNOWN;
    }

    private Kind name(Node.Name name) {
        Optional<Symbol> symbol = scope.find(name.name());
        if (symbol.isPresent()) {
            return symbol.get().kind();
        }
        Optional<String> meant = Similar.to(
                name.name(), scope.symbols().stream().map(Symbol::name).toList());
        return wrong(new Issue(
                name.span(),
                "Nothing here is called “" + name.name() + "”"
                        + meant.map(other -> ". Did you mean “" + other + "”?").orElse(""),
                meant.orElse(null)));
    }

    private Kind number(Node node) {
        return number(node, kind(node));
    }

    private Kind number(Node node, Kind kind) {
        return kind instanceof Kind.Measure || kind instanceof Kind.Unknown
                ? kind
                : wrong(Issue.at(node.span(), "This is " + kind.words() + ", not a number"));
    }

    /** Down the left side in a loop: a long sum is as deep as it is long, and must not exhaust the stack. */
    private Kind binary(Node.Binary binary) {
        Deque<Node.Binary> spine = new ArrayDeque<>();
        Node leftmost = binary;
        while (leftmost instanceof Node.Binary next) {
            spine.push(next);
            leftmost = next.left();
        }
        Kind left = kind(leftmost);
        while (!spine.isEmpty()) {
            Node.Binary next = spine.pop();
            left = joined(next, left);
            kinds.put(next, left);
        }
        return left;
    }

    private Kind joined(Node.Binary binary, Kind leftKind) {
        if (binary.operator().compares()) {
            return comparison(binary, leftKind);
        }
        Kind left = number(binary.left(), leftKind);
        Kind right = number(binary.right());
        if (!(left instanceof Kind.Measure one) || !(right instanceof Kind.Measure other)) {
            return UNKNOWN;
        }
        return switch (binary.operator()) {
            case ADD, SUBTRACT -> alike(binary, one, other);
            case MULTIPLY -> new Kind.Measure(one.dimension().times(other.dimension()));
            case DIVIDE -> new Kind.Measure(one.dimension().per(other.dimension()));
            default -> power(binary, one, other);
        };
    }

    private Kind alike(Node.Binary binary, Kind.Measure left, Kind.Measure right) {
        if (left.equals(right)) {
            return left;
        }
        if (left.equals(Kind.MONEY) || right.equals(Kind.MONEY)) {
            Node odd = left.equals(Kind.MONEY) ? binary.right() : binary.left();
            return wrong(rateHint.priceWanted(odd, left.equals(Kind.MONEY) ? right : left, ", the rest is money"));
        }
        String joined = binary.operator() == Operator.ADD ? "added" : "subtracted";
        return wrong(mends.unlike(binary, left, right, "Only like can be " + joined + ": “"));
    }

    private Kind power(Node.Binary binary, Kind.Measure base, Kind.Measure exponent) {
        if (!exponent.equals(Kind.PLAIN)) {
            return wrong(Issue.at(binary.right().span(), "An exponent is a plain number; this is " + exponent.words()));
        }
        if (base.equals(Kind.PLAIN)) {
            return base;
        }
        Optional<BigDecimal> value = wholeNumber(binary.right());
        if (value.isEmpty()) {
            return wrong(Issue.at(
                    binary.right().span(),
                    "The exponent of " + base.words() + " is written as a whole number from -99 to 99"));
        }
        return new Kind.Measure(base.dimension().power(value.get().intValueExact()));
    }

    private static Optional<BigDecimal> wholeNumber(Node node) {
        if (node instanceof Node.Negative negative) {
            return wholeNumber(negative.of()).map(BigDecimal::negate);
        }
        return node instanceof Node.Number number
                        && number.value().stripTrailingZeros().scale() <= 0
                        && number.value().abs().compareTo(LARGEST_EXPONENT) <= 0
                ? Optional.of(number.value())
                : Optional.empty();
    }

    private Kind comparison(Node.Binary binary, Kind left) {
        Kind right = kind(binary.right());
        if (left instanceof Kind.Unknown || right instanceof Kind.Unknown) {
            return UNKNOWN;
        }
        if (!left.equals(right)) {
            return wrong(mends.unlike(binary, left, right, "Only like can be compared: “"));
        }
        if (left instanceof Kind.YesNo) {
            return wrong(Issue.at(binary.span(), "Conditions are joined by AND, OR and NOT, not compared"));
        }
        if (left instanceof Kind.Text) {
            if (!binary.operator().fitsTexts()) {
                return wrong(Issue.at(binary.span(), "Texts are compared only by = and <>"));
            }
            option(binary.left(), binary.right());
            option(binary.right(), binary.left());
        }
        return new Kind.YesNo();
    }

    /** A text that is no option of the choice it is compared with could never be equal. */
    private void option(Node choice, Node literal) {
        if (choice instanceof Node.Name name && literal instanceof Node.Text quoted) {
            List<String> options = scope.find(name.name()).map(Symbol::options).orElse(List.of());
            if (!options.isEmpty() && !quoted.value().isEmpty() && !options.contains(quoted.value())) {
                Optional<String> meant = Similar.to(quoted.value(), options);
                issues.add(new Issue(
                        quoted.span(),
                        "“" + quoted.value() + "” is no option of “" + name.name() + "”; it has "
                                + String.join(", ", options),
                        meant.map(other -> "\"" + other + "\"").orElse(null)));
            }
        }
    }

    private Kind call(Node.Call call) {
        List<Kind> arguments = call.arguments().stream().map(this::kind).toList();
        Optional<FormulaFunction> found = Functions.find(call.function());
        if (found.isEmpty()) {
            Optional<String> meant = Similar.to(
                    call.function(),
                    Functions.all().stream().map(FormulaFunction::name).toList());
            return wrong(new Issue(
                    call.nameSpan(),
                    "There is no function “" + call.nameSpan().of(text) + "”"
                            + meant.map(other -> ". Did you mean “" + other + "”?")
                                    .orElse(""),
                    meant.orElse(null)));
        }
        FormulaFunction function = found.get();
        if (arguments.size() < function.count().least()
                || arguments.size() > function.count().most()) {
            return wrong(Issue.at(
                    call.span(),
                    function.name() + "(" + function.arguments() + ") takes "
                            + function.count().words() + " arguments, not " + arguments.size()));
        }
        if (arguments.stream().anyMatch(kind -> kind instanceof Kind.Unknown)) {
            return UNKNOWN;
        }
        Verdict verdict = function.check(arguments);
        if (verdict instanceof Verdict.Misfit misfit) {
            return wrong(mends.misfit(call, arguments, misfit));
        }
        return ((Verdict.Fits) verdict).kind();
    }

    private Kind wrong(Issue issue) {
        issues.add(issue);
        return UNKNOWN;
    }
}
