package dev.steelyard.core.deal;

import dev.steelyard.core.card.Item;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Whether the goods of a deal count together, or by themselves. */
public enum Apart {
    TOGETHER,
    /** Each product by itself, whatever its variants. */
    PRODUCT,
    /** Each SKU by itself. */
    SKU;

    private Object of(Item item) {
        return this == PRODUCT ? item.product().sku() : item.sku();
    }

    /** Some lines of a basket in parts that count by themselves, in the order of the basket. */
    List<int[]> parts(Basket basket, int[] lines) {
        return parts(basket.lines(), lines);
    }

    List<int[]> parts(List<SoldLine> basket, int[] lines) {
        if (this == TOGETHER || lines.length < 2) {
            return lines.length == 0 ? List.of() : List.of(lines);
        }
        Map<Object, List<Integer>> apart = new LinkedHashMap<>();
        for (int line : lines) {
            apart.computeIfAbsent(of(basket.get(line).item()), any -> new ArrayList<>())
                    .add(line);
        }
        return apart.values().stream()
                .map(part -> part.stream().mapToInt(i -> i).toArray())
                .toList();
    }
}
