package dev.steelyard.core.formula.parse;

import dev.steelyard.core.formula.ast.Issue;
import dev.steelyard.core.formula.ast.Node;
import dev.steelyard.core.formula.ast.Span;
import dev.steelyard.core.formula.parse.Token.Type;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Cuts a formula into words. */
final class Lexer {

    private static final List<String> SIGNS =
            List.of("<>", "<=", ">=", "+", "-", "*", "/", "^", "%", "=", "<", ">", "(", ")", ";", ",");
    private static final Map<Character, String> MEANT =
            Map.of('×', "*", '·', "*", '÷', "/", '−', "-", '–', "-", '≤', "<=", '≥', ">=", '≠', "<>", ':', "/");

    private final String text;
    private final String currency;
    private final List<Issue> issues;
    private final List<Token> tokens = new ArrayList<>();
    private int at;

    private Lexer(String text, String currency, List<Issue> issues) {
        this.text = text;
        this.currency = currency;
        this.issues = issues;
    }

    static List<Token> read(String text, String currency, List<Issue> issues) {
        Lexer lexer = new Lexer(text, currency, issues);
        lexer.skipSpaces();
        if (lexer.at < text.length() && text.charAt(lexer.at) == '=') {
            lexer.at++;
        }
        while (lexer.next()) {}
        return lexer.tokens;
    }

    private boolean next() {
        skipSpaces();
        if (at >= text.length()) {
            tokens.add(new Token(Type.END, "", new Span(text.length(), text.length()), null));
            return false;
        }
        char c = text.charAt(at);
        if (Letters.isDigit(c) || (c == '.' && at + 1 < text.length() && Letters.isDigit(text.charAt(at + 1)))) {
            number();
        } else if (Letters.begins(c)) {
            int start = at;
            at = Letters.endOfName(text, at);
            tokens.add(new Token(Type.NAME, text.substring(start, at), new Span(start, at), null));
        } else if (c == '"') {
            quoted();
        } else {
            sign(c);
        }
        return true;
    }

    private void number() {
        NumberLiteral literal = NumberLiteral.read(text, at, currency, issues);
        tokens.add(new Token(Type.LITERAL, literal.span().of(text), literal.span(), literal.node()));
        at = literal.span().to();
    }

    /** A doubled quote inside stands for one, as OpenFormula has it. */
    private void quoted() {
        int start = at++;
        StringBuilder value = new StringBuilder();
        while (at < text.length()) {
            char c = text.charAt(at++);
            if (c != '"') {
                value.append(c);
            } else if (at < text.length() && text.charAt(at) == '"') {
                value.append('"');
                at++;
            } else {
                literal(start, new Node.Text(new Span(start, at), value.toString()));
                return;
            }
        }
        Span span = new Span(start, text.length());
        issues.add(Issue.at(span, "This text has no closing quote"));
        literal(start, new Node.Broken(span));
    }

    private void literal(int start, Node node) {
        tokens.add(new Token(Type.LITERAL, text.substring(start, at), node.span(), node));
    }

    private void sign(char c) {
        for (String sign : SIGNS) {
            if (text.startsWith(sign, at)) {
                tokens.add(new Token(Type.SIGN, sign, new Span(at, at + sign.length()), null));
                at += sign.length();
                return;
            }
        }
        int end = at + Character.charCount(text.codePointAt(at));
        String meant = MEANT.get(c);
        String shown = Character.isISOControl(c) || !Character.isDefined(c)
                ? "The character U+"
                        + Integer.toHexString(0x10000 + c).substring(1).toUpperCase(Locale.ROOT)
                : "“" + text.substring(at, end) + "”";
        issues.add(new Issue(
                new Span(at, end),
                meant == null ? shown + " has no meaning here" : shown + " is written " + meant,
                meant));
        if (meant != null) {
            tokens.add(new Token(Type.SIGN, meant, new Span(at, end), null));
        }
        at = end;
    }

    private void skipSpaces() {
        while (at < text.length() && (Character.isWhitespace(text.charAt(at)) || text.charAt(at) == '\u00a0')) {
            at++;
        }
    }
}
