package dev.steelyard.core.formula.parse;

/** What names and numbers are made of. */
final class Letters {

    private Letters() {}

    /** 0 to 9 only: digits of other scripts would read as what they do not look like. */
    static boolean isDigit(char c) {
        return c >= '0' && c <= '9';
    }

    static boolean begins(char c) {
        return Character.isLetter(c);
    }

    /** Where a name ends that begins here. */
    static int endOfName(String text, int start) {
        int end = start + 1;
        while (end < text.length() && goesOn(text.charAt(end))) {
            end++;
        }
        return end;
    }

    private static boolean goesOn(char c) {
        return Character.isLetter(c) || isDigit(c) || c == '_';
    }
}
