package dev.steelyard.words;

/** The first letter of what becomes a sentence, or part of one. */
public final class FirstLetter {

    private FirstLetter() {}

    /** With a large first letter. */
    public static String large(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    /** With a small first letter. */
    public static String small(String text) {
        return text.isEmpty() ? text : Character.toLowerCase(text.charAt(0)) + text.substring(1);
    }
}
