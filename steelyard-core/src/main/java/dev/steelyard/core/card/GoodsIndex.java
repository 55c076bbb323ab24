package dev.steelyard.core.card;

import dev.steelyard.core.card.GoodsRule.Attribute;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Finds the rules that may mean a product by what the product is and not by looking at every rule: each stands under the
 * values its goods must have one of; only those that name none are looked at for every product.
 */
public final class GoodsIndex {

    private final Map<Key, List<Integer>> byKey = new HashMap<>();
    private final List<Integer> anywhere = new ArrayList<>();

    private record Key(Attribute attribute, String value) {}

    /** An index of rules, by their places in a list. */
    public GoodsIndex(List<GoodsRule> rules) {
        for (int i = 0; i < rules.size(); i++) {
            Set<Key> keys = keys(rules.get(i));
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
                    .map(GoodsIndex::keys)
                    .filter(Objects::nonNull)
                    .min(Comparator.comparingInt(Set::size))
                    .orElse(null);
        }
        return null;
    }

    /** The places of rules that may mean a product, in order: all that do are among them. */
    public SortedSet<Integer> candidates(Product product) {
        SortedSet<Integer> candidates = new TreeSet<>(anywhere);
        for (Attribute attribute : Attribute.values()) {
            for (String value : attribute.of(product)) {
                candidates.addAll(byKey.getOrDefault(new Key(attribute, value), List.of()));
            }
        }
        return candidates;
    }
}
