package dev.steelyard.web.book;

import dev.steelyard.core.card.Product;
import dev.steelyard.core.pricing.PriceBook;
import dev.steelyard.web.shop.Shop;
import java.util.List;

/**
 * A price book with the revision of prices it was made from.
 *
 * @param shop the settings it was made with
 * @param goods all that it sells, by name
 */
public record BookInForce(Shop shop, List<Product> goods, PriceBook book) {

    public long revision() {
        return shop.revision();
    }
}
