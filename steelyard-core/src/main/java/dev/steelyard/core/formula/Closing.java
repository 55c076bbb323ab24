package dev.steelyard.core.formula;

import dev.steelyard.core.formula.ast.Issue;
import dev.steelyard.core.formula.ast.Span;
import dev.steelyard.core.formula.parse.Parser;
import java.util.List;
import java.util.function.Predicate;

/** Where a parenthesis that is never closed is meant to be: at the first place that makes the formula right. */
final class Closing {

    private static final int LONGEST = 400;

    private Closing() {}

    /** One issue, with a mend where there is such a place; what else is wrong is so because of the parenthesis. */
    static Issue of(String text, List<Issue> issues, Predicate<String> right) {
        Issue open = issues.stream()
                .filter(issue -> issue.message().equals(Parser.NEVER_CLOSED))
                .findFirst()
                .orElseThrow();
        int from = open.span().from();
        for (int at = from + 2; at <= text.length() && text.length() <= LONGEST; at++) {
            boolean ends = !isPart(text, at) && isPart(text, at - 1);
            if (ends && right.test(text.substring(0, at) + ")" + text.substring(at))) {
                return new Issue(new Span(from, at), open.message(), text.substring(from, at) + ")");
            }
        }
        return open;
    }

    private static boolean isPart(String text, int at) {
        return at < text.length()
                && (Character.isLetterOrDigit(text.charAt(at)) || "._)%\"".indexOf(text.charAt(at)) >= 0);
    }
}
