package dev.steelyard.web.book;

import dev.steelyard.core.card.Product;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.PriceBook;
import dev.steelyard.web.shop.Shop;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A price book with the revision of prices it was made from.
 *
 * @param shop the settings it was made with
 * @param goods all that it sells, by name
 * @param cards what prices them now or later, in the order in which it is tried
 */
public record BookInForce(Shop shop, List<Product> goods, List<CardInForce> cards, PriceBook book) {

    public long revision() {
        return shop.revision();
    }

    /** The version of a card that this book prices with; none for the shelf price. */
    public @Nullable CardInForce version(PreparedCard card) {
        return cards.stream().filter(one -> one.card() == card).findFirst().orElse(null);
    }
}
