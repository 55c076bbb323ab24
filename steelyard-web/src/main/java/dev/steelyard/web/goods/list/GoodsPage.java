package dev.steelyard.web.goods.list;

import dev.steelyard.web.goods.SoldProduct;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/**
 * One page of a list of goods.
 *
 * @param count how many fit altogether
 * @param first how many of these stand before the page
 * @param earlier the place the page before ends at; none on the first page
 * @param later the place the next page begins after; none on the last page
 */
record GoodsPage(
        List<SoldProduct> goods, int count, int first, @Nullable GoodsPlace earlier, @Nullable GoodsPlace later) {

    static final int LENGTH = 50;

    /** Where a page is asked for: after a place, before one, or none for the first. */
    record At(@Nullable GoodsPlace after, @Nullable GoodsPlace before, GoodsOrder order, boolean down) {}

    /**
     * @param sorted upwards
     * @param all whether everything fits, so that nothing need be counted
     */
    static GoodsPage of(List<SoldProduct> sorted, boolean all, Predicate<SoldProduct> fits, At at) {
        List<SoldProduct> list = at.down() ? reversed(sorted) : sorted;
        List<SoldProduct> found = all ? list : list.stream().filter(fits).toList();
        int from = start(found, all ? sorted : at.down() ? reversed(found) : found, at);
        int to = Math.min(found.size(), from + LENGTH);
        List<SoldProduct> page = found.subList(from, to);
        return new GoodsPage(
                List.copyOf(page),
                found.size(),
                from,
                from == 0 || page.isEmpty() ? null : GoodsPlace.of(page.get(0), at.order()),
                to == found.size() ? null : GoodsPlace.of(page.get(page.size() - 1), at.order()));
    }

    /** @param upwards the same as those found, in the order that places are looked for in */
    private static int start(List<SoldProduct> found, List<SoldProduct> upwards, At at) {
        GoodsPlace place = at.after() != null ? at.after() : at.before();
        if (place == null) {
            return 0;
        }
        int before = place.before(upwards, at.order());
        if (before < 0) {
            return 0;
        }
        boolean there = before < upwards.size() && upwards.get(before).id() == place.id();
        int index = at.down() ? upwards.size() - before - (there ? 1 : 0) : before;
        int start = at.after() != null ? index + (there ? 1 : 0) : Math.max(0, index - LENGTH);
        return Math.min(start, Math.max(0, found.size() - 1));
    }

    private static List<SoldProduct> reversed(List<SoldProduct> list) {
        List<SoldProduct> copy = new ArrayList<>(list);
        Collections.reverse(copy);
        return copy;
    }
}
