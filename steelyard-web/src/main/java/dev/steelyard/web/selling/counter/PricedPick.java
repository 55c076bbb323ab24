package dev.steelyard.web.selling.counter;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.prepared.Answers;
import dev.steelyard.core.pricing.LineResult;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.CardInForce;
import dev.steelyard.web.selling.shown.AnswerWords;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A line of a basket with what came of it: what pages show and what an order freezes are both made from it. */
public record PricedPick(Shopper.Offered offered, LineResult result, BookInForce book) {

    public Shopper.Picked picked() {
        return offered.picked();
    }

    /** What its SKU sells to the shopper now; none where nothing. */
    public @Nullable Offer offer() {
        return offered.offer();
    }

    /** Its answers, as the card that prices it asks for them. */
    public Answers given() {
        return offered.given();
    }

    /** The product where each piece has a variant of its own, else the item. */
    public String name(Item item) {
        return picked().variants().isEmpty() ? item.name() : item.product().name();
    }

    /** The answers in words, one for each. */
    public List<String> answers() {
        Offer offer = offer();
        return offer == null ? List.of() : AnswerWords.of(offer.card().card(), given());
    }

    /** The variants of a lot's pieces, counted; empty where one goes for all. */
    public String variants() {
        List<String> pieces = Typed.forPieces(picked().variants(), picked().quantity()).stream()
                .map(sku -> {
                    Item item = book.book().item(new Sku(sku));
                    return item == null || item.variant() == null
                            ? sku
                            : item.variant().name();
                })
                .toList();
        return AnswerWords.counted(pieces);
    }

    /** The version of the card that prices it; none for the shelf price. */
    public @Nullable CardInForce version() {
        Offer offer = offer();
        return offer == null ? null : book.version(offer.card());
    }
}
