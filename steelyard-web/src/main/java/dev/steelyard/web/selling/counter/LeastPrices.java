package dev.steelyard.web.selling.counter;

import dev.steelyard.core.card.Product;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.selling.shown.AsSeen;
import dev.steelyard.web.selling.shown.FromPrice;
import dev.steelyard.web.selling.shown.Offer;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/** What a product costs one shopper at least, over its variants. */
final class LeastPrices {

    private LeastPrices() {}

    /** None where it has no price. */
    static Optional<FromPrice> of(Product product, Shopper shopper, BookInForce book) {
        List<FromPrice> prices = product.items().stream()
                .map(item -> Offer.of(item.sku().value(), shopper.customer(), shopper.at(), book))
                .filter(Objects::nonNull)
                .flatMap(offer -> FromPrice.of(
                        offer.card(),
                        offer.item(),
                        shopper.group(),
                        shopper.day(),
                        book.shop().rules(),
                        AsSeen.of(offer.item(), shopper.customer(), book, shopper.words()))
                        .stream())
                .toList();
        return FromPrice.leastOf(prices, shopper.words());
    }
}
