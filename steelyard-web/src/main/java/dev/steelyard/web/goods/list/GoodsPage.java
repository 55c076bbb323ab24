package dev.steelyard.web.goods.list;

import dev.steelyard.web.goods.SoldProduct;
import java.util.AbstractList;
import java.util.List;
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

    /** @param fitting all that fit, upwards */
    static GoodsPage of(List<SoldProduct> fitting, At at) {
        List<SoldProduct> found = at.down() ? reversed(fitting) : fitting;
        int from = start(found, fitting, at);
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

    /** The same from its end; not copied, since of a million goods fifty are shown. */
    private static List<SoldProduct> reversed(List<SoldProduct> list) {
        return new AbstractList<>() {

            @Override
            public SoldProduct get(int index) {
                return list.get(list.size() - 1 - index);
            }

            @Override
            public int size() {
                return list.size();
            }
        };
    }
}
