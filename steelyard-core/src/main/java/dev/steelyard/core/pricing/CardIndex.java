package dev.steelyard.core.pricing;

import dev.steelyard.core.card.GoodsRule;
import dev.steelyard.core.card.GoodsRule.Attribute;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.prepared.PreparedCard;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Which cards cover a product, in their order, found by what the product is and not by looking at every card: each card
 * stands under the values its goods must have one of; only those that name none are looked at for every product.
 */
final class CardIndex {

    private final List<PreparedCard> order;
    private final Map<Key, List<Integer>> byKey = new HashMap<>();
    private final List<Integer> anywhere = new ArrayList<>();
    private final Map<List<PreparedCard>, List<PreparedCard>> known = new HashMap<>();

    private record Key(Attribute attribute, String value) {}

    CardIndex(List<PreparedCard> order) {
        this.order = order;
        for (int i = 0; i < order.size(); i++) {
            Set<Key> keys = keys(order.get(i).card().covers().goods());
            if (keys == null) {
                anywhere.add(i);
            } else {
                for (Key key : keys) {
                    byKey.computeIfAbsent(key, any -> new ArrayList<>()).add(i);
                }
            }
        }
    }

    /** Goods a rule means have at least one of these; none where nothing can be said. */
    private static @Nullable Set<Key> keys(GoodsRule rule) {
        if (rule instanceof GoodsRule.Is is) {
            return is.values().stream()
                    .map(value -> new Key(is.attribute(), value))
                    .collect(Collectors.toSet());
        } else if (rule instanceof GoodsRule.Any any) {
            Set<Key> all = new HashSet<>();
            for (GoodsRule part : any.rules()) {
                Set<Key> keys = keys(part);
                if (keys == null) {
                    return null;
                }
                all.addAll(keys);
            }
            return all;
        } else if (rule instanceof GoodsRule.All every) {
            return every.rules().stream()
                    .map(CardIndex::keys)
                    .filter(Objects::nonNull)
                    .min(Comparator.comparingInt(Set::size))
                    .orElse(null);
        }
        return null;
    }

    /** The cards that cover a product, in order. Equal answers are one list. */
    List<PreparedCard> covering(Product product) {
        TreeSet<Integer> candidates = new TreeSet<>(anywhere);
        for (Attribute attribute : Attribute.values()) {
            for (String value : attribute.of(product)) {
                candidates.addAll(byKey.getOrDefault(new Key(attribute, value), List.of()));
            }
        }
        List<PreparedCard> covering = new ArrayList<>();
        for (int index : candidates) {
            PreparedCard card = order.get(index);
            if (card.card().covers().covers(product)) {
                covering.add(card);
            }
        }
        return known.computeIfAbsent(covering, List::copyOf);
    }
}
