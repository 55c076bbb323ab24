package dev.steelyard.web.goods.list;

import dev.steelyard.core.card.Traits;
import dev.steelyard.web.goods.SoldProduct;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * The names that some goods are told apart by, with how many have each.
 *
 * @param byKind category, brand, type, supplier, tag
 */
record NameCounts(Map<String, Map<String, Integer>> byKind) {

    private static final Map<String, Function<Traits, Collection<String>>> KINDS = Map.of(
            "category", Traits::categories,
            "brand", Traits::brand,
            "type", Traits::type,
            "supplier", Traits::supplier,
            "tag", Traits::tags);

    static NameCounts of(List<SoldProduct> goods) {
        NameCounts counts = none();
        for (SoldProduct one : goods) {
            KINDS.forEach((kind, names) -> names.apply(one.product().traits())
                    .forEach(name -> counts.of(kind).merge(name, 1, Integer::sum)));
        }
        return counts;
    }

    static NameCounts sum(Stream<NameCounts> all) {
        NameCounts sum = none();
        all.forEach(one -> one.byKind.forEach(
                (kind, counts) -> counts.forEach((name, count) -> sum.of(kind).merge(name, count, Integer::sum))));
        return sum;
    }

    private Map<String, Integer> of(String kind) {
        return Objects.requireNonNull(byKind.get(kind));
    }

    private static NameCounts none() {
        Map<String, Map<String, Integer>> byKind = new HashMap<>();
        KINDS.keySet().forEach(kind -> byKind.put(kind, new TreeMap<>()));
        return new NameCounts(byKind);
    }
}
