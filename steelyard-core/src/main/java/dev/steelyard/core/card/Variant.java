package dev.steelyard.core.card;

import dev.steelyard.core.ladder.PriceRows;
import dev.steelyard.core.said.Wording;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/**
 * One form of a product, ordered by its own SKU. What it leaves open is the product's.
 *
 * @param ownRows rows of its own; where there are some, the product's do not count for it
 * @param told its name as shoppers of each language read it
 */
public record Variant(
        Sku sku,
        String name,
        @Nullable BigDecimal shelfPrice,
        @Nullable BigDecimal unitCost,
        @Nullable PriceRows ownRows,
        Wording told) {

    /** One whose name is the same in every language. */
    public Variant(
            Sku sku,
            String name,
            @Nullable BigDecimal shelfPrice,
            @Nullable BigDecimal unitCost,
            @Nullable PriceRows ownRows) {
        this(sku, name, shelfPrice, unitCost, ownRows, Wording.of(name));
    }
}
