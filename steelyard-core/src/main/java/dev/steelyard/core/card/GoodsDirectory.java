package dev.steelyard.core.card;

import dev.steelyard.core.card.GoodsRule.Attribute;
import dev.steelyard.core.text.Similar;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * All goods of a shop, found by what they are: which goods a rule means is answered from those that have one of the values
 * it names, not by asking all. Immutable; made ready when something is first asked of it.
 */
public final class GoodsDirectory {

    private final List<Product> goods;
    private volatile @Nullable Ready ready;

    private GoodsDirectory(List<Product> goods) {
        this.goods = List.copyOf(goods);
    }

    public static GoodsDirectory of(List<Product> goods) {
        return new GoodsDirectory(goods);
    }

    private record Ready(
            Map<Attribute, Map<String, int[]>> places, Map<String, Item> items, Map<String, String> names) {}

    /** All of them, in the order given. */
    public List<Product> all() {
        return goods;
    }

    /** The goods that a card covers, whoever buys them and when, in order. */
    public Stream<Product> covered(Covers covers) {
        return candidates(covers.goods()).filter(covers::covers);
    }

    /** The items of a set, in order. */
    public Stream<Item> items(GoodsSet set) {
        return candidates(set.rule())
                .flatMap(product -> product.items().stream())
                .filter(set::has);
    }

    /** What a SKU orders; none where nothing is. */
    public @Nullable Item item(String sku) {
        return ready().items().get(sku);
    }

    /** The SKUs of products and variants that are nearest to one that nothing has; those whose letters differ least first. */
    public List<String> nearest(String sku, int few) {
        Set<String> known = new LinkedHashSet<>(names().keySet());
        known.addAll(ready().items().keySet());
        return Similar.nearest(sku, known, few);
    }

    /** What products are called, by their SKU. */
    public Map<String, String> names() {
        return ready().names();
    }

    /** The values that goods have of an attribute, sorted. */
    public Set<String> values(Attribute attribute) {
        return Objects.requireNonNull(ready().places().get(attribute)).keySet();
    }

    /** All that a rule means are among them. */
    private Stream<Product> candidates(GoodsRule rule) {
        BitSet places = places(rule, ready());
        return places == null ? goods.stream() : places.stream().mapToObj(goods::get);
    }

    /** None where the rule may mean anything. */
    private static @Nullable BitSet places(GoodsRule rule, Ready ready) {
        if (rule instanceof GoodsRule.Is is) {
            Map<String, int[]> ofAttribute =
                    Objects.requireNonNull(ready.places().get(is.attribute()));
            BitSet found = new BitSet();
            is.values().stream()
                    .map(ofAttribute::get)
                    .filter(Objects::nonNull)
                    .flatMapToInt(Arrays::stream)
                    .forEach(found::set);
            return found;
        } else if (rule instanceof GoodsRule.Any any) {
            BitSet found = new BitSet();
            for (GoodsRule part : any.rules()) {
                BitSet places = places(part, ready);
                if (places == null) {
                    return null;
                }
                found.or(places);
            }
            return found;
        } else if (rule instanceof GoodsRule.All every) {
            BitSet found = null;
            for (GoodsRule part : every.rules()) {
                BitSet places = places(part, ready);
                if (places != null && found == null) {
                    found = places;
                } else if (places != null) {
                    found.and(places);
                }
            }
            return found;
        }
        return null;
    }

    private Ready ready() {
        Ready now = ready;
        if (now == null) {
            synchronized (this) {
                now = ready;
                if (now == null) {
                    now = make();
                    ready = now;
                }
            }
        }
        return now;
    }

    private Ready make() {
        Map<Attribute, Map<String, List<Integer>>> places = new EnumMap<>(Attribute.class);
        for (Attribute attribute : Attribute.values()) {
            places.put(attribute, new TreeMap<>());
        }
        Map<String, Item> items = new HashMap<>();
        Map<String, String> names = new HashMap<>();
        for (int i = 0; i < goods.size(); i++) {
            Product product = goods.get(i);
            names.put(product.sku().value(), product.name());
            for (Item item : product.items()) {
                items.put(item.sku().value(), item);
            }
            for (Attribute attribute : Attribute.values()) {
                for (String value : attribute.of(product)) {
                    Objects.requireNonNull(places.get(attribute))
                            .computeIfAbsent(value, any -> new ArrayList<>(1))
                            .add(i);
                }
            }
        }
        Map<Attribute, Map<String, int[]>> packed = new EnumMap<>(Attribute.class);
        places.forEach((attribute, ofValues) -> {
            Map<String, int[]> arrays = new TreeMap<>();
            ofValues.forEach((value, list) ->
                    arrays.put(value, list.stream().mapToInt(Integer::intValue).toArray()));
            packed.put(attribute, arrays);
        });
        return new Ready(packed, items, names);
    }
}
