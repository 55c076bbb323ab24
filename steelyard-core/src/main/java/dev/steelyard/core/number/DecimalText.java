package dev.steelyard.core.number;

import java.math.BigDecimal;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * Reads a typed number: decimal point, at most {@value #MOST_DIGITS} digits, no exponent, no locale. What cannot be
 * read is answered in words and never guessed, since 7,40 is 7.40 to one reader and 740 to another.
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

    /** Why a text is no number, in words, with the text to write instead where one is likely. */
    public record Fault(String message, @Nullable String suggestion) {}

    /** Reads a text, outer spaces aside. The value keeps the decimals as typed: {@code 6.90} has two. */
    public static Reading read(String text) {
        String typed = text.strip();
        if (typed.isEmpty()) {
            return fault("Type a number", null);
        }
        if (PLAIN.matcher(typed).matches()) {
            if (typed.chars().filter(Character::isDigit).count() > MOST_DIGITS) {
                return fault(shortened(typed) + " has more than " + MOST_DIGITS + " digits", null);
            }
            return new Reading(new BigDecimal(typed), null);
        }
        Matcher comma = ONE_COMMA.matcher(typed);
        if (comma.matches() && typed.length() <= MOST_DIGITS) {
            String mend = comma.group(1) + "." + comma.group(2);
            if (EITHER.matcher(typed).matches()) {
                return fault(
                        typed + " can be " + mend + " or " + comma.group(1) + comma.group(2)
                                + "; write the one that is meant",
                        mend);
            }
            return fault(typed + " has a comma; write a decimal point: " + mend, mend);
        }
        Matcher asked = ASKED.matcher(typed);
        if (asked.matches()) {
            String whole = asked.group(1) + asked.group(2);
            return fault(
                    asked.group(1) + "." + asked.group(2) + " can be " + whole + " or " + asked.group(1) + ","
                            + asked.group(2) + "; write the one that is meant",
                    whole);
        }
        if (CURRENCY.matcher(typed).find()) {
            return fault(
                    "“" + shortened(typed)
                            + "” has a currency beside it; write the number alone, in the shop’s currency",
                    null);
        }
        return fault("“" + shortened(typed) + "” is not a number; write it like 6.90", null);
    }

    private static Reading fault(String message, @Nullable String suggestion) {
        return new Reading(null, new Fault(message, suggestion));
    }

    static String shortened(String typed) {
        return typed.length() <= SHOWN ? typed : typed.substring(0, SHOWN) + "…";
    }
}
