package dev.steelyard.web.editing.card;

import dev.steelyard.core.formula.function.Functions;
import dev.steelyard.format.FormatIssue;
import dev.steelyard.words.FirstLetter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * A formula as its field shows it: parts in the colour of what they are, what is wrong underlined.
 *
 * @param value what it comes to in the trial; none where it has no value
 */
record FormulaView(String at, String text, List<Part> parts, List<Fault> faults, @Nullable String value) {

    private static final Pattern PARTS =
            Pattern.compile("\"[^\"]*\"?|[A-Za-z_][A-Za-z0-9_]*|[0-9.]+|\\s+|.", Pattern.DOTALL);

    /** A run of letters of one kind. */
    record Part(String text, String kind, boolean wrong) {}

    /**
     * What is wrong.
     *
     * @param part the words it is about
     * @param mend what would be there instead; none where only the owner can tell
     */
    record Fault(String part, String message, int from, int until, @Nullable String mend) {}

    static FormulaView of(String at, CardFields fields, @Nullable String value) {
        String text = fields.text(at);
        List<FormatIssue> issues = fields.issues(at);
        List<Part> parts = new ArrayList<>();
        Matcher matcher = PARTS.matcher(text);
        while (matcher.find()) {
            int from = matcher.start();
            int until = matcher.end();
            boolean wrong = issues.stream().anyMatch(issue -> covers(issue, from, until, text.length()));
            parts.add(new Part(matcher.group(), kind(matcher.group(), fields), wrong));
        }
        return new FormulaView(
                at,
                text,
                parts,
                issues.stream().map(issue -> fault(issue, text)).toList(),
                issues.isEmpty() ? value : null);
    }

    private static boolean covers(FormatIssue issue, int from, int until, int length) {
        if (issue.from() == null || issue.to() == null) {
            return false;
        }
        int start = Math.min(issue.from(), Math.max(0, length - 1));
        int end = Math.max(start + 1, issue.to());
        return from < end && until > start;
    }

    private static Fault fault(FormatIssue issue, String text) {
        int from = issue.from() == null ? 0 : Math.min(issue.from(), text.length());
        int until = issue.to() == null ? from : Math.min(issue.to(), text.length());
        String message = issue.message();
        return new Fault(
                text.substring(from, Math.max(from, until)),
                FirstLetter.large(message),
                from,
                Math.max(from, until),
                issue.replacement());
    }

    private static String kind(String part, CardFields fields) {
        char first = part.charAt(0);
        if (first == '"') {
            return "text";
        } else if (Character.isDigit(first)) {
            return "number";
        } else if (fields.names().contains(part) || part.equals("pieces") || part.equals("billable")) {
            return "ask";
        } else if (part.equals("shelf_price")
                || fields.items("/namedRates").stream()
                        .anyMatch(rate -> fields.text(rate + "/name").equals(part))) {
            return "rate";
        }
        return Functions.find(part.toUpperCase(Locale.ROOT)).isPresent() ? "function" : "plain";
    }

    /** Whether anything is wrong. */
    public boolean isWrong() {
        return !faults.isEmpty();
    }

    /** What it comes to; empty where it has no value. */
    public String shown() {
        return Objects.requireNonNullElse(value, "");
    }
}
