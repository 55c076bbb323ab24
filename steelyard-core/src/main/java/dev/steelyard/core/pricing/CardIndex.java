package dev.steelyard.core.pricing;

import dev.steelyard.core.card.GoodsIndex;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.prepared.PreparedCard;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Which cards cover a product, in their order, found without looking at every card. */
final class CardIndex {

    private final List<PreparedCard> order;
    private final GoodsIndex index;
    private final Map<List<PreparedCard>, List<PreparedCard>> known = new HashMap<>();

    CardIndex(List<PreparedCard> order) {
        this.order = order;
        this.index = new GoodsIndex(
                order.stream().map(card -> card.card().covers().goods()).toList());
    }

    /** The cards that cover a product, in order. Equal answers are one list. */
    List<PreparedCard> covering(Product product) {
        List<PreparedCard> covering = new ArrayList<>();
        for (int place : index.candidates(product)) {
            PreparedCard card = order.get(place);
            if (card.card().covers().covers(product)) {
                covering.add(card);
            }
        }
        return shared(covering);
    }

    /** Of the cards that cover a product, those that cover one item of it. */
    List<PreparedCard> covering(Item item, List<PreparedCard> ofProduct) {
        return item.variant() == null
                        || ofProduct.stream()
                                .allMatch(card -> card.card().covers().covers(item))
                ? ofProduct
                : shared(ofProduct.stream()
                        .filter(card -> card.card().covers().covers(item))
                        .toList());
    }

    private List<PreparedCard> shared(List<PreparedCard> covering) {
        return known.computeIfAbsent(covering, List::copyOf);
    }
}
