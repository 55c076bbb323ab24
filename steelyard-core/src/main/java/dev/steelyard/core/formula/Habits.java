package dev.steelyard.core.formula;

import dev.steelyard.core.formula.ast.Issue;
import dev.steelyard.core.formula.ast.Scope;
import dev.steelyard.core.formula.ast.Span;
import dev.steelyard.core.formula.parse.Parser;
import dev.steelyard.core.number.CurrencySigns;
import dev.steelyard.core.number.WrittenNumber;
import dev.steelyard.core.unit.Unit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What people write out of habit, from price lists and paper: “€10/ft2”, “10 EUR per ft2”, “a x b”, “2(a + b)”, “m²”. Each has
 * one meaning, so each gets one message with the mend, and what a parser would say of it besides is left out.
 */
final class Habits {

    // begins where a number begins, so that a long row of digits is looked at once and not from each of them
    private static final String NUMBER = "(?<![\\d.,'’])(\\d++(?:[.,'’]+\\d+)*+)";
    private static final String PER = "(?:\\s*(?:/|\\bper\\b)\\s*([A-Za-z]+[23²³]?))?";
    private static final Pattern SIGN_FIRST = Pattern.compile("([€£$¥])\\s*" + NUMBER + PER);
    private static final Pattern SIGN_LAST = Pattern.compile(NUMBER + "\\s*+([€£$¥])" + PER);
    private static final Pattern TIMES = Pattern.compile("(?<=[\\w)]\\s)([xX])(?=\\s[\\w(])");
    private static final Pattern NO_OPERATOR = Pattern.compile("((?<![A-Za-z_\\d.])\\d[\\d.]*+|\\))\\s*+\\(");
    private static final Pattern NAME_BEFORE = Pattern.compile("\\b([A-Za-z]\\w*+)\\s*+\\(");
    private static final Pattern POWER =
            Pattern.compile("(?<=[\\d\\s/])(mm|cm|m|km|in|ft|yd)(?:([²³])|(?<=/\\w{1,2})\\^([23])(?!\\d))");

    private static final Map<String, String> UNITS = Map.ofEntries(
            Map.entry("sqm", "m2"),
            Map.entry("qm", "m2"),
            Map.entry("sqft", "ft2"),
            Map.entry("cbm", "m3"),
            Map.entry("meter", "m"),
            Map.entry("meters", "m"),
            Map.entry("metre", "m"),
            Map.entry("metres", "m"),
            Map.entry("feet", "ft"),
            Map.entry("foot", "ft"),
            Map.entry("inch", "in"),
            Map.entry("inches", "in"),
            Map.entry("yards", "yd"),
            Map.entry("litre", "L"),
            Map.entry("litres", "L"),
            Map.entry("liter", "L"),
            Map.entry("liters", "L"),
            Map.entry("kilo", "kg"),
            Map.entry("kilos", "kg"),
            Map.entry("kgs", "kg"),
            Map.entry("lbs", "lb"));
    private static final Pattern OTHER_UNIT = Pattern.compile(
            "(?<=[\\d/]\\s?)\\b(" + String.join("|", UNITS.keySet()) + ")\\b", Pattern.CASE_INSENSITIVE);

    private final String looked;
    private final Scope scope;
    private final List<Issue> found = new ArrayList<>();

    private Habits(String text, Scope scope) {
        this.scope = scope;
        // what stands in quotes is somebody's own text
        this.looked = Pattern.compile("\"[^\"]*\"?").matcher(text).replaceAll(quoted -> " "
                .repeat(quoted.group().length()));
    }

    /** Those of a text, in their order; none of them overlaps another. */
    static List<Issue> in(String text, Scope scope) {
        if (text.length() > Parser.LONGEST) {
            return List.of();
        }
        Habits habits = new Habits(text, scope);
        habits.each(SIGN_FIRST, match -> habits.money(match, match.group(1), match.group(2), match.group(3)));
        habits.each(SIGN_LAST, match -> habits.money(match, match.group(2), match.group(1), match.group(3)));
        habits.each(
                Pattern.compile(NUMBER + "\\s*+" + scope.currency() + "\\s+per\\s+([A-Za-z]+[23²³]?)"),
                match -> habits.said(
                        match,
                        "“per” is written /",
                        habits.plain(match.group(1)) + " " + scope.currency() + "/" + habits.unit(match.group(2))));
        habits.each(
                TIMES,
                match -> scope.find(match.group(1)).isPresent()
                        ? null
                        : habits.said(match, "“" + match.group() + "” between two numbers is written *", "*"));
        habits.each(
                NO_OPERATOR,
                match -> habits.said(
                        match,
                        "Between “" + match.group(1)
                                + "” and the parenthesis there must be an operator; times is meant",
                        match.group(1) + " * ("));
        habits.each(
                NAME_BEFORE,
                match -> scope.find(match.group(1)).isPresent()
                        ? habits.said(
                                match,
                                "“" + match.group(1)
                                        + "” is no function; between it and the parenthesis there must be an operator",
                                match.group(1) + " * (")
                        : null);
        habits.each(
                OTHER_UNIT,
                match -> scope.find(match.group()).isPresent()
                        ? null
                        : habits.said(
                                match,
                                "There is no unit “" + match.group() + "”; it is written " + habits.unit(match.group()),
                                habits.unit(match.group())));
        habits.each(
                POWER,
                match -> habits.said(
                        match,
                        "“" + match.group() + "” is written " + habits.unit(match.group()),
                        habits.unit(match.group())));
        return habits.found.stream()
                .sorted(Comparator.comparingInt(issue -> issue.span().from()))
                .toList();
    }

    private void each(Pattern pattern, Function<MatchResult, @Nullable Issue> says) {
        pattern.matcher(looked)
                .results()
                .map(says)
                .filter(issue -> issue != null && !overlaps(issue))
                .forEach(found::add);
    }

    private boolean overlaps(Issue issue) {
        return found.stream()
                .anyMatch(other -> issue.span().from() < other.span().to()
                        && other.span().from() < issue.span().to());
    }

    private Issue said(MatchResult match, String message, String replacement) {
        return new Issue(new Span(match.start(), match.end()), message, replacement);
    }

    private Issue money(MatchResult match, String sign, String number, @Nullable String unit) {
        boolean ours = CurrencySigns.mean(sign, scope.currency());
        if (!ours) {
            return Issue.at(
                    new Span(match.start(), match.end()),
                    "The shop’s currency is " + scope.currency() + ", not " + sign);
        }
        String mend = plain(number) + " " + scope.currency() + (unit == null ? "" : "/" + unit(unit));
        return said(match, "Money is written with its code behind the number: " + mend, mend);
    }

    private String plain(String number) {
        return WrittenNumber.plain(number);
    }

    /** The code of a unit as it was written. */
    private String unit(String written) {
        String word = written.replace("²", "2").replace("³", "3").replace("^", "");
        String known = UNITS.getOrDefault(word.toLowerCase(Locale.ROOT), word);
        return Stream.of(Unit.values())
                        .map(Unit::code)
                        .collect(Collectors.toSet())
                        .contains(known)
                ? known
                : word;
    }
}
