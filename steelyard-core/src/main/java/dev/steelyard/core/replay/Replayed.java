package dev.steelyard.core.replay;

import dev.steelyard.core.card.Sku;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Quotient;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;

/**
 * What baskets would have come to under other prices. Only those that can be sold under both are summed up.
 *
 * @param baskets that are summed up
 * @param then what they came to when they were sold
 * @param now under prices that count now
 * @param other under the others
 * @param assumed the whole under the others where some people take up to breaks that are new
 * @param lifted lines that are near enough to such a break
 * @param dearer baskets that would cost more
 * @param cheaper baskets that would cost less
 * @param over of the dearer ones those over the bound
 * @param overMost those of them that become dearer by the largest share
 * @param most that change most, those that would cost more first, then those that would cost less; by the difference
 * @param refused baskets that are sold now and would not be
 * @param refusedMost the largest of those
 * @param apart baskets that cannot be priced now either, so that nothing can be said of them
 */
public record Replayed(
        long baskets,
        BigDecimal then,
        Side now,
        Side other,
        Totals assumed,
        long lifted,
        long dearer,
        long cheaper,
        long over,
        List<Change> overMost,
        List<Change> most,
        long refused,
        List<Change> refusedMost,
        long apart) {

    /** The group of those who are in none. */
    public static final String EVERYONE = "";

    /** Sums under one book. */
    public record Side(
            Totals whole, Map<String, Totals> groups, Map<Sku, Totals> products, Map<AtBreak, Totals> breaks) {

        public Side {
            groups = Map.copyOf(groups);
            products = Map.copyOf(products);
            breaks = Map.copyOf(breaks);
        }
    }

    /**
     * A basket that would cost otherwise.
     *
     * @param id of the basket
     * @param other 0 where it would be refused
     */
    public record Change(long id, BigDecimal now, BigDecimal other) {

        public BigDecimal difference() {
            return other.subtract(now);
        }

        /** Its share of what it is now; more than any where it is nothing now. */
        Quotient share() {
            return now.signum() <= 0
                    ? Quotient.of(Decimals.TOO_LARGE)
                    : Quotient.of(difference()).dividedBy(now);
        }

        /** Whether it is dearer by more than so many percent. */
        boolean isOver(BigDecimal percent) {
            return difference().movePointRight(2).compareTo(now.multiply(percent)) > 0;
        }
    }
}
