package dev.steelyard.core.formula.parse;

import dev.steelyard.core.formula.ast.Issue;
import dev.steelyard.core.formula.ast.Span;
import dev.steelyard.core.formula.parse.Token.Type;
import dev.steelyard.core.number.WrittenNumber;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Keeps to one separator in a formula, and notices commas that were meant as decimal points. */
final class Separators {

    private final String text;
    private final List<Token> tokens;
    private final List<Issue> issues;
    private @Nullable Token first;

    Separators(String text, List<Token> tokens, List<Issue> issues) {
        this.text = text;
        this.tokens = tokens;
        this.issues = issues;
    }

    void inCall(int index) {
        Token token = tokens.get(index);
        if (first == null) {
            first = token;
        } else if (!first.text().equals(token.text())) {
            int comma = token.is(",") ? index : tokens.indexOf(first);
            if (!decimalComma(comma)) {
                issues.add(new Issue(
                        token.span(),
                        "Arguments were set apart by “" + first.text() + "” before; use one of ; and , throughout",
                        first.text()));
            }
        }
    }

    void outsideCall(int index) {
        if (!decimalComma(index)) {
            issues.add(Issue.at(
                    tokens.get(index).span(),
                    "“" + tokens.get(index).text() + "” sets arguments of a function apart; there is none here"));
        }
    }

    /** The number written plainly, with whatever follows it; signs between thousands go. */
    private static String mended(String written) {
        int end = 0;
        while (end < written.length() && "0123456789.,".indexOf(written.charAt(end)) >= 0) {
            end++;
        }
        String plain = WrittenNumber.plain(written.substring(0, end));
        return (plain.indexOf(',') < 0 ? plain : plain.replace(',', '.')) + written.substring(end);
    }

    /** A comma right between two numbers: “2,5”. */
    private boolean decimalComma(int index) {
        Token comma = tokens.get(index);
        if (!comma.is(",") || index == 0 || index + 1 >= tokens.size()) {
            return false;
        }
        Token before = tokens.get(index - 1);
        Token after = tokens.get(index + 1);
        boolean touching = before.type() == Type.LITERAL
                && after.type() == Type.LITERAL
                && before.span().to() == comma.span().from()
                && after.span().from() == comma.span().to();
        if (touching) {
            Span span = before.span().through(after.span());
            issues.add(new Issue(
                    span, "“" + span.of(text) + "” has a decimal comma; write a point", mended(span.of(text))));
        }
        return touching;
    }
}
