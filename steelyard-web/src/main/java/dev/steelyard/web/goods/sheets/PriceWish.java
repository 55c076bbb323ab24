package dev.steelyard.web.goods.sheets;

import dev.steelyard.core.sheet.PriceLine;
import dev.steelyard.core.sheet.RowKey;
import org.jspecify.annotations.Nullable;

/**
 * A price that an action wants, or wants no more.
 *
 * @param key of the stored price; none for one that is new, or that is found by what it is the price of
 */
public record PriceWish(String sku, PriceLine line, @Nullable RowKey key, boolean remove) {}
