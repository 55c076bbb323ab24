package dev.steelyard.web.cards.trial;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.shop.CustomerGroup;
import dev.steelyard.web.shop.Shop;
import dev.steelyard.web.shop.Shops;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What a card is tried on: the shop with its groups and goods.
 *
 * @param goods all that are sold
 */
public record Subject(Shop shop, List<CustomerGroup> groups, List<Product> goods, LocalDate today) {

    public static Subject of(Shops shops, Books books) {
        BookInForce book = books.inForce();
        return new Subject(book.shop(), shops.groups(), book.goods(), shops.today());
    }

    public List<String> groupNames() {
        return groups.stream().map(CustomerGroup::name).toList();
    }

    /** What products are called, by their SKU. */
    public Map<String, String> names() {
        Map<String, String> names = new HashMap<>();
        goods.forEach(product -> names.put(product.sku().value(), product.name()));
        return names;
    }

    /** The goods a card covers, by name. */
    public List<Product> covered(RateCard card) {
        return goods.stream().filter(card.covers()::covers).toList();
    }

    /** What a SKU orders. */
    @Nullable
    public Item item(String sku) {
        return goods.stream()
                .flatMap(product -> product.items().stream())
                .filter(item -> item.sku().value().equals(sku))
                .findFirst()
                .orElse(null);
    }
}
