package dev.steelyard.core.ladder;

import dev.steelyard.core.number.Decimals;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/**
 * A threshold and what counts from it.
 *
 * @param from inclusive, in what the ladder counts: pieces, or an amount in the ladder's unit; it holds until the next
 *     break's. Kept without trailing zeros
 * @param value 0 or more: a price, a percentage off, an amount off or the total of a lot, as the ladder says
 * @param group the customer group it is for; none for everyone
 * @param validity the days on which it is in force
 * @param words the owner's own words for it on the shop page
 */
public record Break(BigDecimal from, BigDecimal value, @Nullable String group, Validity validity, BreakWords words) {

    public Break {
        if (value.signum() < 0) {
            throw new IllegalArgumentException("a price cannot be below 0: " + value.toPlainString());
        }
        from = Decimals.normal(from);
    }

    /** A break about which nothing more is said. */
    public Break(BigDecimal from, BigDecimal value, @Nullable String group, Validity validity) {
        this(from, value, group, validity, BreakWords.NONE);
    }

    /** A break from so many pieces. */
    public Break(int from, BigDecimal value, @Nullable String group, Validity validity) {
        this(BigDecimal.valueOf(from), value, group, validity);
    }

    /** A break from so many pieces for every customer on every day. */
    public static Break everyone(int from, BigDecimal value) {
        return new Break(from, value, null, Validity.ALWAYS);
    }

    /** The threshold of a ladder that counts pieces. */
    public int pieces() {
        return from.intValueExact();
    }

    /** Which break of its ladder this is: no two of a ladder share it at one time. */
    public BreakKey key() {
        return new BreakKey(from, group, validity);
    }
}
