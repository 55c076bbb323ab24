package dev.steelyard.web.book;

import dev.steelyard.core.pricing.PriceBook;
import dev.steelyard.web.shop.Shop;

/**
 * A price book with the revision of prices it was made from.
 *
 * @param shop the settings it was made with
 */
public record BookInForce(Shop shop, PriceBook book) {

    public long revision() {
        return shop.revision();
    }
}
