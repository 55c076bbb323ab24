package dev.steelyard.core.number;

import java.math.BigDecimal;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * Reads a typed number: decimal point, at most {@value #MOST_DIGITS} digits, no exponent, no locale. What cannot be
 * read is said to be so and never guessed, since 7,40 is 7.40 to one reader and 740 to another.
 */
public final class DecimalText {

    /** Digits a number may have, before and after the point together. */
    public static final int MOST_DIGITS = 30;

    private static final Pattern PLAIN = Pattern.compile("[+-]?(\\d+(\\.\\d*)?|\\.\\d+)");
    private static final Pattern ONE_COMMA = Pattern.compile("([+-]?\\d+),(\\d+)");
    private static final Pattern EITHER = Pattern.compile("[+-]?\\d{1,3},\\d{3}");
    private static final Pattern ASKED = Pattern.compile("([+-]?\\d{1,3})\\.(\\d{3})\\?");
    private static final int SHOWN = 40;

    /** A sign or code that stands beside digits. */
    private static final Pattern CURRENCY =
            Pattern.compile("^\\p{Sc}\\s*[-+]?\\d|\\d\\s*\\p{Sc}$|^[A-Z]{3}\\s?[-+]?\\d|\\d\\s?[A-Z]{3}$");

    private DecimalText() {}

    /** What came of reading: exactly one of value and fault is there. */
    public record Reading(@Nullable BigDecimal value, @Nullable Fault fault) {}

    /** Why a text is no number. */
    public enum Why {
        EMPTY,
        TOO_MANY_DIGITS,
        /** A decimal comma where a point is expected. */
        COMMA,
        /** It can be two numbers. */
        EITHER,
        /** A currency's sign or code stands beside it. */
        WITH_CURRENCY,
        NO_NUMBER,
        /** Another currency than the shop's stands beside it. */
        FOREIGN,
        /** A number of pieces that is no whole one. */
        NOT_WHOLE,
        TOO_FEW,
        TOO_MANY
    }

    /**
     * Why a text is no number.
     *
     * @param typed the text, shortened
     * @param suggestion the text to write instead where one is likely
     * @param other what it can be as well; none where it cannot be two
     */
    public record Fault(Why why, String typed, @Nullable String suggestion, @Nullable String other) {

        /** The same in words for those who write prices. */
        public String message() {
            return switch (why) {
                case EMPTY -> "Type a number";
                case TOO_MANY_DIGITS -> typed + " has more than " + MOST_DIGITS + " digits";
                case COMMA -> typed + " has a comma; write a decimal point: " + suggestion;
                case EITHER -> typed + " can be " + suggestion + " or " + other + "; write the one that is meant";
                case WITH_CURRENCY -> "“" + typed
                        + "” has a currency beside it; write the number alone, in the shop’s currency";
                case FOREIGN -> "“" + typed + "” is not in " + other + ", which the shop’s prices are in";
                case NO_NUMBER -> "“" + typed + "” is not a number; write it like 6.90";
                case NOT_WHOLE -> typed + " is not a whole number; this is sold in whole pieces";
                case TOO_FEW -> typed + " is too few; order 1 or more";
                case TOO_MANY -> typed + " is too many; at most " + Quantity.MOST + " at once";
            };
        }
    }

    /** Reads a text, outer spaces aside. The value keeps the decimals as typed: {@code 6.90} has two. */
    public static Reading read(String text) {
        String typed = Pasted.stripped(text);
        if (typed.isEmpty()) {
            return fault(Why.EMPTY, typed);
        }
        if (PLAIN.matcher(typed).matches()) {
            if (typed.chars().filter(Character::isDigit).count() > MOST_DIGITS) {
                return fault(Why.TOO_MANY_DIGITS, typed);
            }
            return new Reading(new BigDecimal(typed), null);
        }
        Matcher comma = ONE_COMMA.matcher(typed);
        if (comma.matches() && typed.length() <= MOST_DIGITS) {
            String mend = comma.group(1) + "." + comma.group(2);
            return EITHER.matcher(typed).matches()
                    ? fault(Why.EITHER, typed, mend, comma.group(1) + comma.group(2))
                    : fault(Why.COMMA, typed, mend, null);
        }
        Matcher asked = ASKED.matcher(typed);
        if (asked.matches()) {
            return fault(
                    Why.EITHER,
                    asked.group(1) + "." + asked.group(2),
                    asked.group(1) + asked.group(2),
                    asked.group(1) + "," + asked.group(2));
        }
        return fault(CURRENCY.matcher(typed).find() ? Why.WITH_CURRENCY : Why.NO_NUMBER, typed);
    }

    static Reading fault(Why why, String typed) {
        return fault(why, typed, null, null);
    }

    private static Reading fault(Why why, String typed, @Nullable String suggestion, @Nullable String other) {
        return new Reading(null, new Fault(why, shortened(typed), suggestion, other));
    }

    static String shortened(String typed) {
        return typed.length() <= SHOWN ? typed : typed.substring(0, SHOWN) + "…";
    }
}
