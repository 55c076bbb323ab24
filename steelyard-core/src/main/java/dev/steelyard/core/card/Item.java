package dev.steelyard.core.card;

import dev.steelyard.core.ladder.PriceRows;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/** What a line of a basket orders: a product, or one variant of it. */
public record Item(Product product, @Nullable Variant variant) {

    public Sku sku() {
        return variant == null ? product.sku() : variant.sku();
    }

    /** The product's name, with the variant's where there is one. */
    public String name() {
        return variant == null ? product.name() : product.name() + ", " + variant.name();
    }

    /** The variant's own shelf price, else the product's, else none. */
    public @Nullable BigDecimal shelfPrice() {
        return variant != null && variant.shelfPrice() != null ? variant.shelfPrice() : product.shelfPrice();
    }

    /** The variant's own cost, else the product's, else none. */
    public @Nullable BigDecimal unitCost() {
        return variant != null && variant.unitCost() != null ? variant.unitCost() : product.unitCost();
    }

    /** The variant's own price rows, else the product's, else none. */
    public @Nullable PriceRows ownRows() {
        return variant != null && variant.ownRows() != null ? variant.ownRows() : product.ownRows();
    }
}
