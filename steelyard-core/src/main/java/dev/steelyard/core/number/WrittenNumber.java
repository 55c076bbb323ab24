package dev.steelyard.core.number;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads a number as people write it where they type: {@code 5,50}, {@code 1 018,00}, {@code 1.018,00}, {@code € 18.50},
 * {@code 1'250.-}. Never guessed: of two different signs the last is the decimal one; the same sign twice stands between
 * thousands; one sign that is not followed by exactly three digits, or has more than three before it, is the decimal one. A
 * point followed by three digits is a decimal point; a comma so can be either, and is refused with both readings.
 */
public final class WrittenNumber {

    private static final String SPACES = "[ \\u00a0\\u2009\\u202f'\\u2019]";
    private static final Pattern MONEY = Pattern.compile("\\p{Sc}|(?<![A-Za-z])[A-Z]{3}(?![A-Za-z])");
    private static final Pattern NO_CENTS = Pattern.compile("[.,][-\\u2013\\u2014]$");
    private static final Pattern GROUPED = Pattern.compile("([+-]?\\d{1,3})((?:" + SPACES + "\\d{3})+)([.,]\\d+)?");
    private static final Pattern SIGNS = Pattern.compile("[+-]?\\d+(?:[.,]\\d+)*");
    private static final Pattern THOUSANDS = Pattern.compile("[+-]?\\d{1,3}(?:[.,]\\d{3})+");
    private static final Pattern EITHER = Pattern.compile("[+-]?\\d{1,3},\\d{3}");
    private static final Pattern MEASURE = Pattern.compile("([-+]?\\d[\\d.,]*)(\\s*\\p{L}\\S*)?");
    private static final int LONGEST = 60;

    private WrittenNumber() {}

    /** Reads a text as a typed number is read, once it is written plainly. */
    public static DecimalText.Reading read(String text) {
        String bare = withoutMoney(text.strip());
        return DecimalText.read(EITHER.matcher(bare).matches() ? bare : plain(text));
    }

    /** The same number with a decimal point and nothing else; the text as it is where it is no number, or can be two. */
    public static String plain(String text) {
        String typed = text.strip();
        if (typed.isEmpty() || typed.length() > LONGEST) {
            return text;
        }
        String bare = withoutMoney(typed);
        Matcher grouped = GROUPED.matcher(bare);
        if (grouped.matches()) {
            String rest = grouped.group(3) == null ? "" : grouped.group(3).replace(',', '.');
            return grouped.group(1) + grouped.group(2).replaceAll(SPACES, "") + rest;
        }
        if (!SIGNS.matcher(bare).matches() || EITHER.matcher(bare).matches()) {
            return text;
        }
        int points = count(bare, '.');
        int commas = count(bare, ',');
        if (points == 0 && commas == 0) {
            return bare;
        }
        if (points + commas == 1) {
            return bare.replace(',', '.');
        }
        if (points == 0 || commas == 0) {
            return THOUSANDS.matcher(bare).matches() ? bare.replaceAll("[.,]", "") : text;
        }
        int last = Math.max(bare.lastIndexOf('.'), bare.lastIndexOf(','));
        String whole = bare.substring(0, last);
        boolean once = count(bare, bare.charAt(last)) == 1;
        return once && THOUSANDS.matcher(whole).matches()
                ? whole.replaceAll("[.,]", "") + "." + bare.substring(last + 1)
                : text;
    }

    /** The same of a measure: the number written plainly, with the unit behind it as it is. */
    public static String measure(String text) {
        Matcher parts = MEASURE.matcher(text.strip());
        return parts.matches() ? plain(parts.group(1)) + (parts.group(2) == null ? "" : parts.group(2)) : text;
    }

    private static String withoutMoney(String typed) {
        return NO_CENTS.matcher(MONEY.matcher(typed).replaceFirst("").strip())
                .replaceFirst("")
                .replace('\u2212', '-');
    }

    private static int count(String text, char sign) {
        return (int) text.chars().filter(c -> c == sign).count();
    }
}
