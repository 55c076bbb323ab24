package dev.steelyard.core.formula.parse;

import dev.steelyard.core.formula.ast.Issue;
import dev.steelyard.core.formula.ast.Node;
import dev.steelyard.core.formula.ast.Operator;
import dev.steelyard.core.formula.ast.Span;
import dev.steelyard.core.formula.parse.Token.Type;
import dev.steelyard.core.unit.Dimension;
import dev.steelyard.core.unit.Unit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Reads a formula by descent, one method a level of precedence, and goes on after a mistake to find the next. */
public final class Parser {

    /** What is said of a parenthesis that opens and does not close. */
    public static final String NEVER_CLOSED = "This parenthesis is never closed";

    /** The longest formula, in characters. */
    public static final int LONGEST = 4_000;

    /** How deep parentheses, functions and prefixes may nest. */
    public static final int DEEPEST = 64;

    private static final Map<String, Operator> COMPARISONS = signs(
            Operator.EQUAL,
            Operator.UNEQUAL,
            Operator.LESS,
            Operator.LESS_OR_EQUAL,
            Operator.GREATER,
            Operator.GREATER_OR_EQUAL);
    private static final Map<String, Operator> SUMS = signs(Operator.ADD, Operator.SUBTRACT);
    private static final Map<String, Operator> PRODUCTS = signs(Operator.MULTIPLY, Operator.DIVIDE);
    private static final Map<String, Operator> POWERS = signs(Operator.POWER);

    private final String text;
    private final List<Token> tokens;
    private final List<Issue> issues;
    private final Separators separators;
    private int at;
    private int depth;

    private Parser(String text, List<Token> tokens, List<Issue> issues) {
        this.text = text;
        this.tokens = tokens;
        this.issues = issues;
        this.separators = new Separators(text, tokens, issues);
    }

    /** What was read: a whole tree, with broken parts where there are issues. */
    public record Parsed(Node node, List<Issue> issues) {}

    /**
     * Reads a text.
     *
     * @param currency the shop's, ISO 4217
     */
    public static Parsed parse(String text, String currency) {
        Span whole = new Span(0, text.length());
        if (text.length() > LONGEST) {
            return broken(whole, "A formula has at most " + LONGEST + " characters; this has " + text.length());
        }
        List<Issue> issues = new ArrayList<>();
        List<Token> tokens = Lexer.read(text, currency, issues);
        if (tokens.size() == 1 && issues.isEmpty()) {
            return broken(whole, "Type a formula");
        }
        Parser parser = new Parser(text, tokens, issues);
        Node node = parser.comparison();
        parser.expectEnd();
        return new Parsed(node, List.copyOf(issues));
    }

    private static Parsed broken(Span span, String message) {
        return new Parsed(new Node.Broken(span), List.of(Issue.at(span, message)));
    }

    private void expectEnd() {
        while (now().type() != Type.END) {
            Token left = now();
            if (left.is(",") || left.is(";")) {
                separators.outsideCall(at);
            } else if (left.is(")")) {
                issue(left, "This parenthesis closes nothing");
            } else {
                missingOperator(left);
            }
            at++;
            if (startsPart(now())) {
                comparison();
            }
        }
    }

    private void missingOperator(Token token) {
        Token before = tokens.get(Math.max(0, at - 1));
        if (before.type() == Type.LITERAL && token.type() == Type.NAME) {
            issues.add(UnitHint.of(before, token, text));
        } else {
            issue(
                    token,
                    "Between “" + before.text() + "” and “" + token.text() + "” there must be an operator, such as *");
        }
    }

    private Node comparison() {
        return chain(COMPARISONS, () -> chain(SUMS, () -> chain(PRODUCTS, this::power)));
    }

    private interface Level {
        Node read();
    }

    private Node chain(Map<String, Operator> operators, Level next) {
        Node left = next.read();
        while (now().type() == Type.SIGN && operators.containsKey(now().text())) {
            Operator operator = operators.get(now().text());
            at++;
            Node right = next.read();
            left = new Node.Binary(left.span().through(right.span()), operator, left, right);
        }
        return left;
    }

    /** From left to right, and after any prefix minus: {@code -2^2} is 4. */
    private Node power() {
        Node first = now().type() == Type.LITERAL ? now().literal() : null; // bare: nothing stands before it
        Node node = chain(POWERS, this::prefixed);
        if (node instanceof Node.Binary power
                && power.left() == first
                && power.left() instanceof Node.Number base
                && power.right() instanceof Node.Number exponent
                && !base.dimension().equals(Dimension.PLAIN)) {
            unitPower(power, base, exponent);
        }
        return node;
    }

    /** {@code 2 m^2} would be 4 m²; who writes it most often means 2 m². */
    private void unitPower(Node.Binary power, Node.Number base, Node.Number exponent) {
        String meant = base.span().of(text) + exponent.span().of(text);
        String unit = meant.replaceFirst("^[0-9.\\s]+", "");
        boolean exists = Unit.of(unit).isPresent();
        issues.add(new Issue(
                power.span(),
                exists
                        ? "A unit has no power of its own; write " + meant
                        : "A number with a unit cannot be raised here; put it in parentheses",
                exists ? meant : null));
    }

    private Node prefixed() {
        Token sign = now();
        if (!sign.is("-") && !sign.is("+")) {
            return postfixed();
        }
        at++;
        Node of = deeper(sign, this::prefixed);
        return sign.is("-") ? new Node.Negative(sign.span().through(of.span()), of) : of;
    }

    private Node postfixed() {
        Node node = primary();
        for (int signs = 1; now().is("%"); signs++) {
            if (signs > DEEPEST) {
                issue(now(), "More than " + DEEPEST + " percent signs in a row");
                at = tokens.size() - 1;
                return new Node.Broken(node.span());
            }
            node = new Node.Percent(node.span().through(now().span()), node);
            at++;
        }
        return node;
    }

    private Node primary() {
        Token token = now();
        if (token.type() == Type.LITERAL && token.literal() != null) {
            at++;
            return token.literal();
        }
        if (token.type() == Type.NAME) {
            at++;
            return now().is("(") ? call(token) : new Node.Name(token.span(), token.text());
        }
        if (token.is("(")) {
            at++;
            Node inside = deeper(token, this::comparison);
            return inside.within(token.span().through(close(token)));
        }
        issue(
                token,
                token.type() == Type.END
                        ? "The formula breaks off here; a number or a name is missing"
                        : "A number or a name is missing before “" + token.text() + "”");
        return new Node.Broken(token.span());
    }

    private Node call(Token name) {
        Token open = now();
        at++;
        List<Node> arguments = new ArrayList<>();
        if (!now().is(")")) {
            arguments.add(deeper(open, this::comparison));
            while (now().is(";") || now().is(",")) {
                separators.inCall(at);
                at++;
                arguments.add(deeper(open, this::comparison));
            }
        }
        Span end = close(open);
        return new Node.Call(name.span().through(end), name.span(), name.text().toUpperCase(Locale.ROOT), arguments);
    }

    private Span close(Token open) {
        Token token = now();
        if (token.is(")")) {
            at++;
            return token.span();
        }
        if (startsPart(token)) {
            missingOperator(token);
            while (now().type() != Type.END && !now().is(")")) {
                at++;
            }
            return close(open);
        }
        if (issues.isEmpty() || token.type() != Type.END) {
            issue(open, NEVER_CLOSED);
        }
        return token.span();
    }

    /** Too deep, the rest is left unread, so that no text can exhaust the stack. */
    private Node deeper(Token token, Level next) {
        if (depth >= DEEPEST) {
            issue(token, "Nested deeper than " + DEEPEST + " levels");
            at = tokens.size() - 1;
            return new Node.Broken(token.span());
        }
        depth++;
        Node node = next.read();
        depth--;
        return node;
    }

    private static boolean startsPart(Token token) {
        return token.type() == Type.LITERAL || token.type() == Type.NAME || token.is("(");
    }

    private Token now() {
        return tokens.get(at);
    }

    private void issue(Token token, String message) {
        issues.add(Issue.at(token.span(), message));
    }

    private static Map<String, Operator> signs(Operator... operators) {
        Map<String, Operator> signs = new HashMap<>();
        for (Operator operator : operators) {
            signs.put(operator.sign(), operator);
        }
        return Map.copyOf(signs);
    }

    /** The name a text of letters would be read as; none where it is no name. */
    public static @Nullable String nameIn(String word) {
        return !word.isEmpty() && Letters.begins(word.charAt(0)) && Letters.endOfName(word, 0) == word.length()
                ? word
                : null;
    }
}
