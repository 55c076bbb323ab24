package dev.steelyard.web.goods.list;

import dev.steelyard.core.card.Traits;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.goods.SoldProduct;
import java.util.Collection;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;

/**
 * The goods of one price book made ready for lists: sorted in each way somebody asked for, found by their number, and the
 * names they are told apart by with how many have each.
 */
final class GoodsShelf {

    private final BookInForce book;
    private final Map<GoodsOrder, List<SoldProduct>> sorted = new EnumMap<>(GoodsOrder.class);
    private final Map<Long, SoldProduct> byId = new HashMap<>();
    private final Map<String, Map<String, Integer>> names = new HashMap<>();

    GoodsShelf(BookInForce book) {
        this.book = book;
        sorted.put(GoodsOrder.NAME, book.sold());
        for (SoldProduct one : book.sold()) {
            byId.put(one.id(), one);
        }
        count("category", Traits::categories);
        count("brand", Traits::brand);
        count("type", Traits::type);
        count("supplier", Traits::supplier);
        count("tag", Traits::tags);
    }

    private void count(String what, Function<Traits, Collection<String>> of) {
        Map<String, Integer> counts = new TreeMap<>();
        for (SoldProduct one : book.sold()) {
            for (String name : of.apply(one.product().traits())) {
                counts.merge(name, 1, Integer::sum);
            }
        }
        names.put(what, counts);
    }

    BookInForce book() {
        return book;
    }

    synchronized List<SoldProduct> sorted(GoodsOrder order) {
        return sorted.computeIfAbsent(
                order,
                any -> book.sold().stream().sorted(order.comparator(false)).toList());
    }

    /** Those that are still sold of some numbers, by name. */
    List<SoldProduct> of(Collection<Long> ids) {
        return ids.stream()
                .distinct()
                .map(byId::get)
                .filter(one -> one != null)
                .sorted(GoodsOrder.NAME.comparator(false))
                .toList();
    }

    /** By kind (category, brand, type, supplier, tag) the names, each with how many goods have it. */
    Map<String, Map<String, Integer>> names() {
        return names;
    }
}
