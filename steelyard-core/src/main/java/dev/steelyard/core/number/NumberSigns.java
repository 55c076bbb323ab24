package dev.steelyard.core.number;

/**
 * A first look at a text that may be a number, sign by sign: the cells of a whole file are looked at, and patterns take many
 * times as long. What it lets by is for the patterns of {@link WrittenNumber} to tell.
 */
final class NumberSigns {

    private static final String BESIDE = "+-.,'\u2019\u2013\u2014\u2212";
    private static final int LETTERS_OF_A_CURRENCY = 3;

    private NumberSigns() {}

    /** Whether it is digits alone, but for a sign before them and one point or comma between: nothing stands beside it. */
    static boolean areBare(String text) {
        int start = !text.isEmpty() && (text.charAt(0) == '-' || text.charAt(0) == '+') ? 1 : 0;
        boolean pointed = false;
        boolean digit = false;
        for (int i = start; i < text.length(); i++) {
            char sign = text.charAt(i);
            boolean between = digit && !pointed && (sign == '.' || sign == ',');
            if (!between && !isDigit(sign)) {
                return false;
            }
            pointed |= between;
            digit = !between;
        }
        return digit;
    }

    /** Whether there are digits, and nothing beside them that is on no number but one currency’s sign or code. */
    static boolean couldBeOne(String text) {
        boolean digits = false;
        int large = 0;
        int money = 0;
        for (int i = 0; i < text.length(); i++) {
            char sign = text.charAt(i);
            if (isDigit(sign)) {
                digits = true;
            } else if (sign >= 'A' && sign <= 'Z') {
                large++;
            } else if (Character.getType(sign) == Character.CURRENCY_SYMBOL) {
                money++;
            } else if (BESIDE.indexOf(sign) < 0 && !Pasted.isUnseen(sign)) {
                return false;
            }
        }
        return digits && (large == 0 && money <= 1 || large == LETTERS_OF_A_CURRENCY && money == 0);
    }

    private static boolean isDigit(char sign) {
        return sign >= '0' && sign <= '9';
    }
}
