package dev.steelyard.core.number;

/**
 * Texts as they come when they are pasted from a page or a spreadsheet: with spaces that do not break and signs without width
 * around them, which nobody sees.
 */
public final class Pasted {

    private Pasted() {}

    /** Without any of these around it. */
    public static String stripped(String text) {
        int start = 0;
        int end = text.length();
        while (start < end && isUnseen(text.charAt(start))) {
            start++;
        }
        while (end > start && isUnseen(text.charAt(end - 1))) {
            end--;
        }
        return text.substring(start, end);
    }

    /** Whether nobody can see a sign that is not the usual space: a space of another kind, or one without width. */
    public static boolean isHidden(char sign) {
        return sign != ' ' && isUnseen(sign);
    }

    /** The usual space among them. */
    static boolean isUnseen(char sign) {
        return Character.isWhitespace(sign)
                || Character.isSpaceChar(sign)
                || Character.getType(sign) == Character.FORMAT;
    }
}
