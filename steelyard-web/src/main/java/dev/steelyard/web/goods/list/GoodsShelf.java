package dev.steelyard.web.goods.list;

import dev.steelyard.core.card.GoodsRule;
import dev.steelyard.core.shared.LatestParts;
import dev.steelyard.core.shared.SharedList;
import dev.steelyard.core.shared.SharedList.Change;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.goods.SoldProduct;
import java.util.Collection;
import java.util.Collections;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * The goods of one price book made ready for lists: sorted in each way somebody asked for, and the names they are told apart by
 * with how many have each. The next one shares what did not change.
 */
final class GoodsShelf {

    /** Of lists that were asked for, so many stay: who looks through a long one asks for it page by page. */
    private static final int LISTS = 4;

    private final BookInForce book;
    private final Map<GoodsRule, List<SoldProduct>> found = Collections.synchronizedMap(new LatestLists());
    private final Map<GoodsOrder, SharedList<SoldProduct>> sorted = new EnumMap<>(GoodsOrder.class);
    private final LatestParts<SoldProduct, NameCounts> counted;
    private volatile @Nullable NameCounts names;

    private GoodsShelf(BookInForce book, LatestParts<SoldProduct, NameCounts> counted) {
        this.book = book;
        this.counted = counted;
        sorted.put(GoodsOrder.NAME, book.sold());
    }

    static GoodsShelf of(BookInForce book) {
        return new GoodsShelf(book, new LatestParts<>(NameCounts::of));
    }

    /** That of another book, sorted in the same ways. */
    GoodsShelf next(BookInForce other) {
        GoodsShelf next = new GoodsShelf(other, counted);
        Change<SoldProduct> change = book.sold().to(other.sold());
        synchronized (this) {
            sorted.forEach((order, list) ->
                    next.sorted.computeIfAbsent(order, any -> list.after(change, order.comparator(false))));
        }
        return next;
    }

    BookInForce book() {
        return book;
    }

    synchronized SharedList<SoldProduct> sorted(GoodsOrder order) {
        return sorted.computeIfAbsent(
                order,
                any -> SharedList.of(
                        book.sold().stream().sorted(order.comparator(false)).toList()));
    }

    /** All that are of a kind, by name. */
    List<SoldProduct> all(GoodsRule rule) {
        return rule.equals(GoodsRule.EVERYTHING)
                ? book.sold()
                : found.computeIfAbsent(
                        rule, one -> book.directory().beside(one, book.sold()).toList());
    }

    /** Those that are still sold of some numbers, by name. */
    List<SoldProduct> of(Collection<Long> ids) {
        return ids.stream()
                .distinct()
                .map(book.assortment()::ofId)
                .filter(Objects::nonNull)
                .sorted(GoodsOrder.NAME.comparator(false))
                .toList();
    }

    /** By kind (category, brand, type, supplier, tag) the names, each with how many goods have it. */
    Map<String, Map<String, Integer>> names() {
        NameCounts now = names;
        if (now == null) {
            now = NameCounts.sum(counted.of(book.sold()));
            names = now;
        }
        return now.byKind();
    }

    /** Those asked for last. */
    private static final class LatestLists extends LinkedHashMap<GoodsRule, List<SoldProduct>> {

        private static final long serialVersionUID = 1L;

        LatestLists() {
            super(2 * LISTS, 0.75f, true);
        }

        @Override
        protected boolean removeEldestEntry(Map.Entry<GoodsRule, List<SoldProduct>> eldest) {
            return size() > LISTS;
        }
    }
}
