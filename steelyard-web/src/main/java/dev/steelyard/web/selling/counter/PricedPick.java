package dev.steelyard.web.selling.counter;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.prepared.Answers;
import dev.steelyard.core.pricing.LineResult;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Wording;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.CardInForce;
import dev.steelyard.web.selling.shown.AnswerWords;
import dev.steelyard.web.selling.shown.Offer;
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
    public Wording name(Item item) {
        return picked().variants().isEmpty() ? item.told() : item.product().told();
    }

    /** The answers, one fact for each. */
    public List<Fact> answers() {
        Offer offer = offer();
        return offer == null ? List.of() : AnswerWords.of(offer.card().card(), given());
    }

    /** The variants of a lot's pieces, counted; none where one goes for all. */
    public @Nullable Fact variants() {
        List<Part> pieces = Typed.forPieces(picked().variants(), picked().quantity()).stream()
                .map(sku -> {
                    Item item = book.book().item(new Sku(sku));
                    return item == null || item.variant() == null
                            ? Part.typed(sku)
                            : Part.name(item.variant().told());
                })
                .toList();
        return pieces.isEmpty() ? null : AnswerWords.counted(pieces);
    }

    /** The version of the card that prices it; none for the shelf price. */
    public @Nullable CardInForce version() {
        Offer offer = offer();
        return offer == null ? null : book.version(offer.card());
    }
}
