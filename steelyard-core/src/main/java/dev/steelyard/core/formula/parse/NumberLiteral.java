package dev.steelyard.core.formula.parse;

import dev.steelyard.core.formula.ast.Issue;
import dev.steelyard.core.formula.ast.Node;
import dev.steelyard.core.formula.ast.Span;
import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.unit.Dimension;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.util.Currency;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * A number with the unit that follows it: {@code 80 cm}, {@code 15 EUR}, {@code 21.40 EUR/m2}. The unit is read before
 * any operator, so {@code 1/2 m} is one divided by two metres.
 */
record NumberLiteral(Span span, Node node) {

    private static final Set<String> CURRENCIES = Currency.getAvailableCurrencies().stream()
            .map(Currency::getCurrencyCode)
            .collect(Collectors.toUnmodifiableSet());

    /** A unit or currency that was read: what it measures, what one is in base units, where it ends. */
    private record Measured(Dimension dimension, BigDecimal factor, int end) {}

    static NumberLiteral read(String text, int start, String currency, List<Issue> issues) {
        int end = endOfDigits(text, start);
        Span digits = new Span(start, end);
        DecimalText.Reading reading = DecimalText.read(digits.of(text));
        if (reading.fault() != null) {
            issues.add(Issue.at(digits, reading.fault().message()));
            return new NumberLiteral(digits, new Node.Broken(digits));
        }
        BigDecimal value = Objects.requireNonNull(reading.value());
        Measured unit = measured(text, end, currency, issues);
        if (unit == null) {
            return new NumberLiteral(digits, new Node.Number(digits, value, Dimension.PLAIN));
        }
        BigDecimal inBase = value.multiply(unit.factor(), Decimals.EXACT);
        Measured below = quotient(text, unit.end(), currency, issues);
        if (below == null) {
            Span span = new Span(start, unit.end());
            return new NumberLiteral(span, new Node.Number(span, inBase, unit.dimension()));
        }
        Span span = new Span(start, below.end());
        return new NumberLiteral(
                span,
                new Node.Number(
                        span,
                        inBase.divide(below.factor(), Decimals.EXACT),
                        unit.dimension().per(below.dimension())));
    }

    private static int endOfDigits(String text, int start) {
        int end = start;
        while (end < text.length() && (Letters.isDigit(text.charAt(end)) || text.charAt(end) == '.')) {
            end++;
        }
        return end;
    }

    private static @Nullable Measured quotient(String text, int after, String currency, List<Issue> issues) {
        int slash = skipSpaces(text, after);
        return slash < text.length() && text.charAt(slash) == '/' ? measured(text, slash + 1, currency, issues) : null;
    }

    /** The unit or currency that follows; none where something else does. */
    private static @Nullable Measured measured(String text, int after, String currency, List<Issue> issues) {
        int start = skipSpaces(text, after);
        if (start >= text.length() || !Letters.begins(text.charAt(start))) {
            return null;
        }
        int end = Letters.endOfName(text, start);
        int behind = skipSpaces(text, end);
        if (behind < text.length() && text.charAt(behind) == '(') {
            return null; // a function, whatever it is called
        }
        String word = text.substring(start, end);
        if (word.equals(currency)) {
            return new Measured(Dimension.MONEY, BigDecimal.ONE, end);
        }
        if (CURRENCIES.contains(word)) {
            issues.add(
                    new Issue(new Span(start, end), "The shop’s currency is " + currency + ", not " + word, currency));
            return new Measured(Dimension.MONEY, BigDecimal.ONE, end);
        }
        Optional<Unit> unit = Unit.of(word);
        return unit.map(found -> new Measured(found.dimension(), found.factor(), end))
                .orElse(null);
    }

    private static int skipSpaces(String text, int from) {
        int at = from;
        while (at < text.length() && Character.isWhitespace(text.charAt(at))) {
            at++;
        }
        return at;
    }
}
