package dev.steelyard.core.ladder;

import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/**
 * A threshold and the price of one piece that counts from it.
 *
 * @param from pieces, inclusive; it holds until the next break's
 * @param price of one piece, 0 or more
 * @param group the customer group it is for; none for everyone
 * @param validity the days on which it is in force
 */
public record Break(int from, BigDecimal price, @Nullable String group, Validity validity) {

    public Break {
        if (price.signum() < 0) {
            throw new IllegalArgumentException("a price cannot be below 0: " + price.toPlainString());
        }
    }

    /** A break for every customer on every day. */
    public static Break everyone(int from, BigDecimal price) {
        return new Break(from, price, null, Validity.ALWAYS);
    }

    /** Which break of its ladder this is: no two of a ladder share it at one time. */
    public BreakKey key() {
        return new BreakKey(from, group, validity);
    }
}
