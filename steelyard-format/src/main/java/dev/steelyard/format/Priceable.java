package dev.steelyard.format;

import dev.steelyard.core.pricing.ShopRules;
import org.jspecify.annotations.Nullable;

/** A document with something to be priced: one card and its orders, or deals and baskets. */
public sealed interface Priceable permits Document, BasketDocument {

    /** None where it has none. */
    @Nullable
    String id();

    ShopRules shop();
}
