package dev.steelyard.core.card;

import dev.steelyard.core.card.GoodsRule.Attribute;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Some hundred goods of a directory, found by what they are. */
final class DirectoryPart {

    private final List<Product> goods;
    private final Map<Attribute, Values> values = new EnumMap<>(Attribute.class);

    /**
     * The values of an attribute, sorted, each as often as there are goods that have it, and where those stand. Two arrays, since
     * most goods have values of their own.
     */
    private record Values(String[] names, int[] places) {

        static Values of(Map<String, List<Integer>> byName) {
            int count = byName.values().stream().mapToInt(List::size).sum();
            String[] names = new String[count];
            int[] places = new int[count];
            int at = 0;
            for (Map.Entry<String, List<Integer>> entry : byName.entrySet()) {
                for (int place : entry.getValue()) {
                    names[at] = entry.getKey();
                    places[at++] = place;
                }
            }
            return new Values(names, places);
        }

        /** Sets the places of all that have a value. */
        void find(String value, BitSet found) {
            int at = Arrays.binarySearch(names, value);
            for (int i = at; i >= 0 && names[i].equals(value); i--) {
                found.set(places[i]);
            }
            for (int i = at + 1; at >= 0 && i < names.length && names[i].equals(value); i++) {
                found.set(places[i]);
            }
        }
    }

    DirectoryPart(List<Product> goods) {
        this.goods = goods;
        for (Attribute attribute : Attribute.values()) {
            Map<String, List<Integer>> places = new TreeMap<>();
            for (int i = 0; i < goods.size(); i++) {
                for (String value : attribute.of(goods.get(i))) {
                    places.computeIfAbsent(value, any -> new ArrayList<>(1)).add(i);
                }
            }
            values.put(attribute, Values.of(places));
        }
    }

    @Nullable
    Item item(String sku) {
        return having(Attribute.SKU, sku)
                .flatMap(product -> product.items().stream())
                .filter(item -> item.sku().value().equals(sku))
                .findFirst()
                .orElse(null);
    }

    @Nullable
    Product product(String sku) {
        return having(Attribute.PRODUCT, sku).findFirst().orElse(null);
    }

    private Stream<Product> having(Attribute attribute, String value) {
        BitSet found = new BitSet();
        of(attribute).find(value, found);
        return found.stream().mapToObj(goods::get);
    }

    void addValues(Attribute attribute, Collection<String> to) {
        to.addAll(Arrays.asList(of(attribute).names()));
    }

    /** All that a rule means are among them. */
    Stream<Product> candidates(GoodsRule rule) {
        return places(rule).mapToObj(goods::get);
    }

    /** The places of all that a rule means, and perhaps of others. */
    IntStream places(GoodsRule rule) {
        BitSet found = found(rule);
        return found == null ? IntStream.range(0, goods.size()) : found.stream();
    }

    /** None where the rule may mean anything. */
    private @Nullable BitSet found(GoodsRule rule) {
        if (rule instanceof GoodsRule.Is is) {
            BitSet found = new BitSet();
            is.values().forEach(value -> of(is.attribute()).find(value, found));
            return found;
        } else if (rule instanceof GoodsRule.Any any) {
            BitSet found = new BitSet();
            for (GoodsRule part : any.rules()) {
                BitSet places = found(part);
                if (places == null) {
                    return null;
                }
                found.or(places);
            }
            return found;
        } else if (rule instanceof GoodsRule.All every) {
            BitSet found = null;
            for (GoodsRule part : every.rules()) {
                BitSet places = found(part);
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

    private Values of(Attribute attribute) {
        return Objects.requireNonNull(values.get(attribute));
    }
}
