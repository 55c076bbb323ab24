package dev.steelyard.web.selling.counter;

import dev.steelyard.core.shared.LatestParts;
import dev.steelyard.core.shared.SharedList;
import dev.steelyard.web.goods.SoldProduct;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.stereotype.Component;

/** The shelves of the counter: what stands first on each, and how many in all, counted for some hundred goods at a time. */
@Component
class CounterShelves {

    private static final String NONE = "";

    private final LatestParts<SoldProduct, Map<String, Some>> parts = new LatestParts<>(CounterShelves::count);

    /** The first goods of a shelf by name, and how many there are. */
    private static final class Some {

        private final List<SoldProduct> first = new ArrayList<>();
        private int count;

        void add(Some other) {
            other.first.stream()
                    .limit(CounterList.FIRST_OF_A_SHELF - first.size())
                    .forEach(first::add);
            count += other.count;
        }

        void add(SoldProduct one) {
            if (first.size() < CounterList.FIRST_OF_A_SHELF) {
                first.add(one);
            }
            count++;
        }
    }

    private static Map<String, Some> count(List<SoldProduct> part) {
        Map<String, Some> shelves = new HashMap<>();
        part.forEach(one ->
                shelves.computeIfAbsent(name(one, NONE), any -> new Some()).add(one));
        return shelves;
    }

    /** @param other what the shelf of goods in no category is called */
    List<CounterList.Shelf> firsts(SharedList<SoldProduct> sold, String other) {
        Map<String, Some> all = new TreeMap<>();
        parts.of(sold)
                .forEach(part -> part.forEach(
                        (name, some) -> all.computeIfAbsent(name.equals(NONE) ? other : name, any -> new Some())
                                .add(some)));
        return all.entrySet().stream()
                .map(shelf -> new CounterList.Shelf(
                        shelf.getKey(),
                        shelf.getValue().first,
                        shelf.getValue().count - shelf.getValue().first.size()))
                .toList();
    }

    static String name(SoldProduct one, String other) {
        return one.categories().isEmpty() ? other : one.categories().get(0);
    }
}
