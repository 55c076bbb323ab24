package dev.steelyard.web.selling.counter;

import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.prepared.Answers;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.goods.GoodsEntry;
import dev.steelyard.web.selling.announced.Reductions;
import dev.steelyard.web.selling.codes.CodeStanding;
import dev.steelyard.web.selling.payment.PaymentMethod;
import dev.steelyard.web.selling.shown.FromPrice;
import dev.steelyard.web.selling.shown.Offer;
import dev.steelyard.web.selling.shown.TypedAnswers;
import dev.steelyard.words.Words;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * The counter's product page without the counter: for a page of the owner's own store. The price is made by the same code, so
 * that it is the same to the cent; no basket counts with it and no database is asked.
 */
public final class PanelPages {

    private PanelPages() {}

    /**
     * What stands in the fields.
     *
     * @param fields typed answers and picked units, named as {@link TypedAnswers} says
     * @param variants picked for the pieces of a lot; empty where one goes for all
     * @param sent whether anything was typed yet
     * @param waits the names of asks that nobody has come to yet: an empty one of them is no mistake
     * @param seen the price that was shown last, as {@link ProductPage#seen()} gave it; none where none was
     */
    public record Typing(
            String sku,
            String quantity,
            Map<String, String> fields,
            String pack,
            List<String> variants,
            boolean sent,
            Set<String> waits,
            @Nullable String seen) {}

    /**
     * A page.
     *
     * @param line what is typed comes to; none where it has no price
     * @param given the answers as they were read
     * @param changed the price that was shown for the same order before, where it is another now; none else
     */
    public record Made(ProductPage page, @Nullable PricedLine line, Answers given, @Nullable String changed) {}

    /** None where nothing is sold under the SKU. */
    public static Optional<Made> of(
            Typing typing, Customer customer, ZonedDateTime at, BookInForce book, Words words, Reductions reductions) {
        Shopper shopper = shopper(customer, at, book, words);
        return entry(typing.sku(), book).map(entry -> {
            List<String> items = entry.product().items().stream()
                    .map(item -> item.sku().value())
                    .toList();
            String picked = items.contains(typing.sku()) ? typing.sku() : items.get(0);
            Offer offer = Objects.requireNonNull(Offer.of(picked, shopper.customer(), at, book));
            Typed typed = new Typed(
                    picked,
                    typing.quantity(),
                    new TypedAnswers(typing.fields(), typing.pack()),
                    typing.variants(),
                    typing.sent(),
                    typing.waits());
            ProductPages pages = new ProductPages(entry, offer, typed, shopper, book, reductions);
            ProductPage page = pages.page();
            return new Made(page, pages.line(), pages.given(), pages.changed(typing.seen()));
        });
    }

    /** What goods cost at least, before anything is typed; none where nothing is sold under the SKU or it has no price. */
    public static Optional<FromPrice> from(
            String sku, Customer customer, ZonedDateTime at, BookInForce book, Words words) {
        Shopper shopper = shopper(customer, at, book, words);
        return entry(sku, book).flatMap(entry -> LeastPrices.of(entry.product(), shopper, book));
    }

    private static Optional<GoodsEntry> entry(String text, BookInForce book) {
        if (Sku.fault(text) != null) {
            return Optional.empty();
        }
        Sku sku = new Sku(text);
        return book.book()
                .product(sku)
                .filter(product -> product.items().stream()
                        .map(Item::sku)
                        .anyMatch(one -> book.book().item(one) != null))
                .map(GoodsEntry::of);
    }

    private static Shopper shopper(Customer customer, ZonedDateTime at, BookInForce book, Words words) {
        return new Shopper(
                null,
                customer.group(),
                customer.signedIn(),
                customer.country(),
                book.shop().homeCountry(),
                customer.firstOrder(),
                PaymentMethod.CARD,
                List.of(),
                CodeStanding.NONE,
                at,
                true,
                List.of(),
                words);
    }
}
