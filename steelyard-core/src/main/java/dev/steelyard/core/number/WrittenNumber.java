package dev.steelyard.core.number;

import dev.steelyard.core.number.DecimalText.Why;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * Reads a number as people write it where they type: {@code 5,50}, {@code 1 018,00}, {@code 1.018,00}, {@code € 18.50},
 * {@code 1'250.-}. Never guessed: of two different signs the last is the decimal one; the same sign twice stands between
 * thousands; one sign that is not followed by exactly three digits, or has more than three before it, is the decimal one. A
 * point followed by three digits is a decimal point; a comma so can be either, and is refused with both readings. Where numbers
 * are written with a decimal comma, it is the other way round.
 */
public final class WrittenNumber {

    private static final String SPACES = "[ \\u00a0\\u2009\\u202f'\\u2019]";
    private static final Pattern MONEY = Pattern.compile("\\p{Sc}|(?<![A-Za-z])[A-Z]{3}(?![A-Za-z])");
    private static final Pattern NO_CENTS = Pattern.compile("[.,][-\\u2013\\u2014]$");
    private static final Pattern GROUPED = Pattern.compile("([+-]?\\d{1,3})((?:" + SPACES + "\\d{3})+)([.,]\\d+)?");
    private static final Pattern SIGNS = Pattern.compile("[+-]?\\d+(?:[.,]\\d+)*");
    private static final Pattern THOUSANDS = Pattern.compile("[+-]?\\d{1,3}(?:[.,]\\d{3})+");
    private static final Pattern EITHER = Pattern.compile("[+-]?[1-9]\\d{0,2},\\d{3}");
    private static final Pattern EITHER_WITH_COMMA = Pattern.compile("[+-]?[1-9]\\d{0,2}\\.\\d{3}");
    private static final Pattern MEASURE = Pattern.compile("([-+]?\\d[\\d.,]*)([\\s\\p{Z}]*\\p{L}\\S*)?");
    private static final Pattern ONE_SIGN = Pattern.compile("[+-]?[1-9]\\d{0,2}[.,]\\d{3}");
    private static final int LONGEST = 60;

    /** Stands behind a number that alone can be read in two ways, so that it is taken for neither before it is written anew. */
    static final String ASKED = "?";

    private WrittenNumber() {}

    /** Reads a text as a typed number is read, once it is written plainly; whatever currency stands beside it. */
    public static DecimalText.Reading read(String text) {
        String bare = withoutMoney(Pasted.stripped(text));
        return DecimalText.read(isEither(text) ? bare : plain(text));
    }

    /**
     * The same in a shop; with another currency beside it, it is refused.
     *
     * @param currency the shop's code by ISO 4217
     */
    public static DecimalText.Reading read(String text, String currency) {
        return isForeign(text, currency)
                ? new DecimalText.Reading(
                        null,
                        new DecimalText.Fault(
                                Why.FOREIGN, DecimalText.shortened(Pasted.stripped(text)), null, currency))
                : read(text);
    }

    /**
     * The same where numbers may be written with a decimal comma.
     *
     * @param currency the shop's; none for any
     * @param comma whether they are
     */
    public static DecimalText.Reading read(String text, @Nullable String currency, boolean comma) {
        if (!comma) {
            return currency == null ? read(text) : read(text, currency);
        }
        return currency != null && isForeign(text, currency)
                ? read(text, currency)
                : DecimalText.read(plainly(text, null, true));
    }

    /** The same number written plainly, where numbers may be written with a decimal comma. */
    public static String plain(String text, @Nullable String currency, boolean comma) {
        return currency != null && isForeign(text, currency) ? text : plainly(text, null, comma);
    }

    /** The same number as {@link #plain(String)} writes it; the text as it is with another currency than the shop's. */
    public static String plain(String text, String currency) {
        return plain(text, currency, false);
    }

    static boolean isForeign(String text, String currency) {
        if (NumberSigns.areBare(text)) {
            return false;
        }
        Matcher money = MONEY.matcher(text);
        return money.find()
                && (currency.isEmpty() || !CurrencySigns.mean(money.group(), currency))
                && withoutMoney(Pasted.stripped(text)).chars().anyMatch(Character::isDigit);
    }

    /** Whether it is a number that alone can be read in two ways. */
    public static boolean isEither(String text) {
        return EITHER.matcher(withoutMoney(Pasted.stripped(text))).matches();
    }

    /** The same number with a decimal point and nothing else; the text as it is where it is no number, or can be two. */
    public static String plain(String text) {
        return plainly(text, null, false);
    }

    /** @param decimal the sign before decimals, where it is known from what stands beside */
    static String plain(String text, @Nullable Character decimal) {
        return plainly(text, decimal, false);
    }

    static String plainly(String text, @Nullable Character decimal, boolean comma) {
        String given = Pasted.stripped(text);
        String typed = given.endsWith(ASKED) ? given.substring(0, given.length() - 1) : given;
        if (typed.isEmpty() || typed.length() > LONGEST) {
            return text;
        }
        String bare = withoutMoney(typed);
        Matcher grouped = GROUPED.matcher(bare);
        if (grouped.matches()) {
            String rest = grouped.group(3) == null ? "" : grouped.group(3).replace(',', '.');
            return grouped.group(1) + grouped.group(2).replaceAll(SPACES, "") + rest;
        }
        if (decimal != null && ONE_SIGN.matcher(bare).matches()) {
            boolean decimals = bare.indexOf(decimal) >= 0;
            return decimals ? bare.replace(',', '.') : bare.replaceAll("[.,]", "");
        }
        if (comma && EITHER_WITH_COMMA.matcher(bare).matches()) {
            return bare + ASKED;
        }
        if (!SIGNS.matcher(bare).matches() || !comma && EITHER.matcher(bare).matches()) {
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
        return measure(text, false);
    }

    /** The same where numbers may be written with a decimal comma. */
    public static String measure(String text, boolean comma) {
        Matcher parts = MEASURE.matcher(Pasted.stripped(text));
        return parts.matches()
                ? plainly(parts.group(1), null, comma) + (parts.group(2) == null ? "" : parts.group(2))
                : text;
    }

    /** Whether it is a number with one sign and three digits behind it: thousands to one reader, decimals to another. */
    public static boolean isTwoWays(String text) {
        String typed = Pasted.stripped(text);
        return typed.length() <= LONGEST
                && NumberSigns.couldBeOne(typed)
                && ONE_SIGN.matcher(bare(typed)).matches();
    }

    /** The sign before decimals of a number that can only be read in one way; none for any other text, or without a sign. */
    public static @Nullable Character decimalSign(String text) {
        String typed = Pasted.stripped(text);
        if (typed.isEmpty() || typed.length() > LONGEST || !NumberSigns.couldBeOne(typed)) {
            return null;
        }
        String bare = bare(typed);
        if (!SIGNS.matcher(bare).matches() || ONE_SIGN.matcher(bare).matches()) {
            return null;
        }
        int points = count(bare, '.');
        int commas = count(bare, ',');
        boolean one = points + commas == 1;
        if (points + commas == 0 || !one && plain(bare).equals(bare)) {
            return null;
        }
        if (points > 0 && commas > 0) {
            return bare.charAt(Math.max(bare.lastIndexOf('.'), bare.lastIndexOf(',')));
        }
        return one == points > 0 ? '.' : ',';
    }

    /** As {@link #bare(String)}; with another currency than the given one beside it, of which empty is none, the text as it is. */
    public static String bare(String typed, String currency) {
        return isForeign(typed, currency) ? typed : bare(typed);
    }

    /** A number without what is only beside it: a currency’s sign or code, spaces between thousands, a dash for no cents. */
    private static String bare(String typed) {
        String bare = withoutMoney(typed);
        Matcher grouped = GROUPED.matcher(bare);
        return grouped.matches() ? bare.replaceAll(SPACES, "") : bare;
    }

    private static String withoutMoney(String typed) {
        if (NumberSigns.areBare(typed)) {
            return typed;
        }
        return NO_CENTS.matcher(Pasted.stripped(MONEY.matcher(typed).replaceFirst("")))
                .replaceFirst("")
                .replace('\u2212', '-');
    }

    private static int count(String text, char sign) {
        return (int) text.chars().filter(c -> c == sign).count();
    }
}
