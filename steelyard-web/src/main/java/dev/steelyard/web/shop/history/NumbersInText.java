package dev.steelyard.web.shop.history;

import java.math.BigInteger;
import java.util.Comparator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Sorts texts so that whole numbers in them go by their value. */
final class NumbersInText implements Comparator<String> {

    private static final Pattern PART = Pattern.compile("\\d+|\\D+");

    @Override
    public int compare(String one, String other) {
        Matcher left = PART.matcher(one);
        Matcher right = PART.matcher(other);
        while (true) {
            boolean more = left.find();
            if (more != right.find()) {
                return more ? 1 : -1;
            }
            if (!more) {
                return one.compareTo(other);
            }
            int order = part(left.group(), right.group());
            if (order != 0) {
                return order;
            }
        }
    }

    private static int part(String one, String other) {
        boolean numbers = Character.isDigit(one.charAt(0)) && Character.isDigit(other.charAt(0));
        return numbers ? new BigInteger(one).compareTo(new BigInteger(other)) : one.compareTo(other);
    }
}
