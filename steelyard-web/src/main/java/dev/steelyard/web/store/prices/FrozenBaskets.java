package dev.steelyard.web.store.prices;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.OrderLine;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.Part;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.selling.orders.NewOrder;
import dev.steelyard.web.selling.orders.OrderFreezer;
import dev.steelyard.web.selling.shown.AnswerWords;
import dev.steelyard.words.Words;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Freezes baskets of the owner's own store, as the checkout does those of the counter. */
@Component
public class FrozenBaskets {

    private final OrderFreezer freezer;

    FrozenBaskets(OrderFreezer freezer) {
        this.freezer = freezer;
    }

    /** @param priced every line of which has a price */
    public NewOrder freeze(String key, OrderFreezer.Who who, BasketPrices.Priced priced, Words words) {
        List<OrderFreezer.Line> lines = new ArrayList<>();
        for (int i = 0; i < priced.basket().lines().size(); i++) {
            lines.add(line(priced, i));
        }
        return freezer.freeze(
                key,
                who,
                new OrderFreezer.Sold(
                        priced.basket(),
                        priced.book(),
                        priced.occasion(),
                        priced.request().codes(),
                        words,
                        lines));
    }

    private static OrderFreezer.Line line(BasketPrices.Priced priced, int place) {
        BookInForce book = priced.book();
        AskedLine line = priced.request().lines().get(place);
        OrderLine asked = line.line();
        Item item = ((PricedLine) priced.basket().lines().get(place)).item();
        PreparedCard card = book.book().cardFor(item.sku(), priced.occasion().customer(), priced.at());
        List<Fact> answers = card == null ? List.of() : AnswerWords.of(card.card(), asked.answers());
        Fact variants = variants(line.variants(), asked.quantity(), book);
        return new OrderFreezer.Line(
                asked,
                variants == null ? item.told() : item.product().told(),
                answers,
                variants,
                card == null ? null : book.version(card));
    }

    /** Counted by name; of more pieces than are named, the last goes for the others. */
    private static @Nullable Fact variants(List<String> skus, long pieces, BookInForce book) {
        if (skus.isEmpty()) {
            return null;
        }
        List<Part> names = new ArrayList<>();
        for (int i = 0; i < Math.min(pieces, skus.size()); i++) {
            String sku = skus.get(i);
            Item item = Sku.fault(sku) == null ? book.book().item(new Sku(sku)) : null;
            names.add(
                    item == null || item.variant() == null
                            ? Part.typed(sku)
                            : Part.name(item.variant().told()));
        }
        return AnswerWords.counted(names);
    }
}
