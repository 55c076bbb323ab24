package dev.steelyard.core.pricing;

import dev.steelyard.core.card.GoodsIndex;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.prepared.PreparedCard;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** Which cards cover goods, in their order, found without looking at every card. Safe to share between threads. */
final class CardIndex {

    private final List<PreparedCard> order;
    private final GoodsIndex index;
    private final Map<List<PreparedCard>, Covering> known = new ConcurrentHashMap<>();

    /**
     * The cards that cover one of the goods, in order.
     *
     * @param by the index that found them
     */
    record Covering(CardIndex by, List<PreparedCard> cards) {}

    CardIndex(List<PreparedCard> order) {
        this.order = order;
        this.index = new GoodsIndex(
                order.stream().map(card -> card.card().covers().goods()).toList());
    }

    /** The cards that cover an item, in order. Equal answers are one. */
    Covering covering(Item item) {
        List<PreparedCard> covering = new ArrayList<>();
        for (int place : index.candidates(item.product())) {
            PreparedCard card = order.get(place);
            if (card.card().covers().covers(item.product())
                    && (item.variant() == null || card.card().covers().covers(item))) {
                covering.add(card);
            }
        }
        return known.computeIfAbsent(List.copyOf(covering), cards -> new Covering(this, cards));
    }
}
