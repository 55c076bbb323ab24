package dev.steelyard.web.goods.list;

import dev.steelyard.web.goods.ListedPrices.Listed;
import org.jspecify.annotations.Nullable;

/**
 * One of the goods in the list.
 *
 * @param picture address of the first one, small
 * @param listed what it costs at least, and by what
 * @param ownRows whether it has price rows of its own
 * @param findings how many there are in its own prices
 */
record GoodsRow(
        long id,
        String name,
        String picture,
        String sku,
        String categories,
        String brand,
        String type,
        String supplier,
        String tags,
        @Nullable String shelf,
        int variants,
        Listed listed,
        boolean ownRows,
        int findings,
        String changed) {}
