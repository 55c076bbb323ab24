package dev.steelyard.core.sheet;

import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Validity;
import dev.steelyard.core.number.Decimals;
import java.math.BigDecimal;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * One price of an item as a sheet carries it.
 *
 * @param group whom it is for; none for everyone
 * @param from the threshold in pieces; none for the shelf price
 * @param price of one piece, 0 or more
 */
public record PriceLine(@Nullable String group, @Nullable Integer from, BigDecimal price, Validity validity) {

    /** A shelf price. */
    public static PriceLine shelf(BigDecimal price) {
        return new PriceLine(null, null, price, Validity.ALWAYS);
    }

    /** An own price row. */
    public static PriceLine of(Break row) {
        return new PriceLine(row.group(), row.pieces(), row.value(), row.validity());
    }

    public boolean isShelf() {
        return from == null;
    }

    /** @throws NullPointerException for a shelf price */
    Break toBreak() {
        return new Break(Objects.requireNonNull(from), price, group, validity);
    }

    /** Whether both are the price of the same: threshold, group and days. */
    public boolean sameAs(PriceLine other) {
        return Objects.equals(from, other.from)
                && Objects.equals(group, other.group)
                && validity.equals(other.validity);
    }

    /** Whether nothing differs; 6.9 is 6.90. */
    boolean equalTo(PriceLine other) {
        return sameAs(other) && price.compareTo(other.price) == 0;
    }

    /** “from 10 for Boatyard since 2027-04-01”, “the shelf price”. */
    public String words() {
        if (from == null) {
            return "the shelf price";
        }
        return "from " + from
                + (group == null ? "" : " for " + group)
                + (validity.from() == null ? "" : " since " + validity.from())
                + (validity.until() == null ? "" : " up to and including " + validity.lastDay());
    }

    /** All of it in one text that is the same for equal lines. */
    String print() {
        return from + "|" + (group == null ? "" : group) + "|" + Decimals.plain(price, 0) + "|" + validity.from() + "|"
                + validity.until();
    }
}
