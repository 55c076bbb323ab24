package dev.steelyard.core.deal;

import dev.steelyard.core.card.GoodsSet;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/**
 * What would unlock a deal, or its next row.
 *
 * @param need what more of {@code goods} is needed
 * @param much how much more: money in minor digits, or a whole number
 * @param row that would be reached; none for buy and get
 */
public record Next(Deal deal, Need need, BigDecimal much, GoodsSet goods, Gives.@Nullable Row row) {

    /** What is needed. */
    public enum Need {
        SPEND,
        PIECES,
        PRODUCTS,
        SKUS,
        /** More pieces of what must be bought. */
        BUY,
        /** A piece of what is given. */
        GET
    }
}
