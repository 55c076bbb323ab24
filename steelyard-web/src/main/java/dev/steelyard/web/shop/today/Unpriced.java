package dev.steelyard.web.shop.today;

import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.shared.LatestParts;
import dev.steelyard.web.book.BookInForce;
import java.time.ZonedDateTime;
import java.util.List;
import org.springframework.stereotype.Component;

/** Goods that shoppers see without a price: no card covers them for everyone, and they have no shelf price. */
@Component
class Unpriced {

    private static final int MOST = 6;

    /** Those without a shelf price, which a card must price. */
    private final LatestParts<Product, List<Product>> measured = new LatestParts<>(part -> part.stream()
            .filter(product -> product.items().stream().anyMatch(item -> item.shelfPrice() == null))
            .toList());

    /** Their names, the first few. */
    List<String> of(BookInForce book, ZonedDateTime now) {
        return measured.of(book.goods())
                .flatMap(List::stream)
                .filter(product -> product.items().stream().anyMatch(item -> none(item, book, now)))
                .limit(MOST)
                .map(Product::name)
                .toList();
    }

    private static boolean none(Item item, BookInForce book, ZonedDateTime now) {
        PreparedCard card = item.shelfPrice() != null ? null : book.book().cardFor(item.sku(), Customer.EVERYONE, now);
        return card != null && card.card().name().equals(RateCard.SHELF_PRICE.name()) && book.version(card) == null;
    }
}
