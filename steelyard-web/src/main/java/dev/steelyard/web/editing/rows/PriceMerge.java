package dev.steelyard.web.editing.rows;

import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.BreakKey;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.web.editing.draft.Merge.Side;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** Two people's changes of one product's prices, put together price by price, as drafts are place by place. */
final class PriceMerge {

    private final Function<String, @Nullable Side> picked;
    private final int decimals;
    private final List<Place> conflicts = new ArrayList<>();

    private PriceMerge(Function<String, @Nullable Side> picked, int decimals) {
        this.picked = picked;
        this.decimals = decimals;
    }

    /** A price that both changed, each into another one. */
    record Place(String at, String was, String theirs, String mine) {}

    /** @param state whole only where there are no conflicts; else it has theirs at them */
    record Result(PriceState state, List<Place> conflicts) {}

    /** @param picked whose change is taken, by the words of a place */
    static Result of(
            PriceState began,
            PriceState theirs,
            PriceState mine,
            Function<String, @Nullable Side> picked,
            int decimals) {
        PriceMerge merge = new PriceMerge(picked, decimals);
        BigDecimal shelf = merge.price("shelf price", began.shelfPrice(), theirs.shelfPrice(), mine.shelfPrice());
        Over over = theirs.over() == began.over() ? mine.over() : theirs.over();
        Map<BreakKey, BigDecimal> before = PriceChanges.byKey(began);
        Map<BreakKey, BigDecimal> there = PriceChanges.byKey(theirs);
        Map<BreakKey, BigDecimal> here = PriceChanges.byKey(mine);
        Set<BreakKey> keys = new LinkedHashSet<>(there.keySet());
        keys.addAll(here.keySet());
        Map<BreakKey, BigDecimal> rows = new LinkedHashMap<>();
        for (BreakKey key : keys) {
            BigDecimal price = merge.price(PriceChanges.name(key), before.get(key), there.get(key), here.get(key));
            if (price != null) {
                rows.put(key, price);
            }
        }
        return new Result(
                new PriceState(
                        shelf,
                        over,
                        rows.entrySet().stream()
                                .map(row -> new Break(
                                        row.getKey().from(),
                                        row.getValue(),
                                        row.getKey().group(),
                                        row.getKey().validity()))
                                .toList()),
                List.copyOf(merge.conflicts));
    }

    private @Nullable BigDecimal price(
            String at, @Nullable BigDecimal was, @Nullable BigDecimal theirs, @Nullable BigDecimal mine) {
        if (PriceChanges.same(theirs, was)) {
            return mine;
        }
        if (PriceChanges.same(mine, was) || PriceChanges.same(mine, theirs)) {
            return theirs;
        }
        Side side = picked.apply(at);
        if (side == null) {
            conflicts.add(new Place(
                    at,
                    PriceChanges.shown(was, decimals),
                    PriceChanges.shown(theirs, decimals),
                    PriceChanges.shown(mine, decimals)));
        }
        return side == Side.MINE ? mine : theirs;
    }
}
