package dev.steelyard.web.selling.shown;

import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.book.CardInForce;
import dev.steelyard.web.goods.ListedPrices;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.words.Words;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;

/** What goods cost everyone now, from the book in force. */
@Component
class PricesInLists implements ListedPrices {

    private final Books books;
    private final Shops shops;

    PricesInLists(Books books, Shops shops) {
        this.books = books;
        this.shops = shops;
    }

    @Override
    public Listed of(Product product) {
        BookInForce book = books.inForce();
        ZonedDateTime now = shops.now();
        List<FromPrice> prices = new ArrayList<>();
        CardInForce by = null;
        for (Item item : product.items()) {
            PreparedCard card = book.book().cardFor(item.sku(), Customer.EVERYONE, now);
            if (card != null) {
                by = by == null ? book.version(card) : by;
                FromPrice.of(
                                card,
                                item,
                                null,
                                now.toLocalDate(),
                                book.shop().rules(),
                                AsSeen.asItIs(book.shop().minorDigits()))
                        .ifPresent(prices::add);
            }
        }
        return new Listed(
                FromPrice.leastOf(prices, Words.owners())
                        .map(price -> price.words(Words.owners()))
                        .orElse(null),
                by == null ? null : by.card().card().name(),
                by == null ? null : by.id(),
                by == null || by.card().card().productsOwnRows());
    }
}
