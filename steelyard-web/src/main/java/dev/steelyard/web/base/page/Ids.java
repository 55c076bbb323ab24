package dev.steelyard.web.base.page;

import org.jspecify.annotations.Nullable;

/** Numbers of rows and places as requests bring them: digits, or nothing that can be meant. */
public final class Ids {

    private Ids() {}

    /** A row's number; 0 where the text is none. */
    public static long read(@Nullable String text) {
        return is(text) ? Long.parseLong(text) : 0;
    }

    /** Whether a text is a row's number. */
    public static boolean is(@Nullable String text) {
        return text != null && text.matches("\\d{1,18}");
    }

    /** The place of one in a list; -1 where the text is none. */
    public static int index(String text) {
        return text.matches("\\d{1,6}") ? Integer.parseInt(text) : -1;
    }
}
