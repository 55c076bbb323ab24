package dev.steelyard.format.table;

import java.util.regex.Pattern;

/**
 * Texts in CSV that a spreadsheet program would run as a formula get a leading apostrophe, those that begin with a
 * full-width sign too; reading takes it off. Texts that have one already get another, so that both ways are exact.
 */
public final class Guarded {

    private static final Pattern RUNS = Pattern.compile("'*[=+\\-@\\t\\r\uFF1D\uFF0B\uFF0D\uFF20].*", Pattern.DOTALL);

    private Guarded() {}

    public static String out(String text) {
        return RUNS.matcher(text).matches() ? "'" + text : text;
    }

    static String in(String text) {
        return text.startsWith("'") && RUNS.matcher(text).matches() ? text.substring(1) : text;
    }
}
