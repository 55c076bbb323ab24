package dev.steelyard.core.replay;

import dev.steelyard.core.card.Sku;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.pricing.PricedBasket;
import dev.steelyard.core.pricing.PricedLine;
import java.util.HashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What baskets come to under one book: in all, by group, by product and by the break reached. */
final class Sums {

    private final Map<String, Adding> groups = new HashMap<>();
    private final Map<Sku, Adding> products = new HashMap<>();
    private final Map<AtBreak, Adding> breaks = new HashMap<>();

    void add(PricedBasket basket, @Nullable String group) {
        Adding all = groups.computeIfAbsent(group == null ? Replayed.EVERYONE : group, any -> new Adding());
        BasketSums line = new BasketSums(basket);
        while (line.next()) {
            PricedLine priced = line.line();
            Break reached = priced.reached();
            all.add(line);
            products.computeIfAbsent(priced.item().product().sku(), any -> new Adding())
                    .add(line);
            breaks.computeIfAbsent(
                            new AtBreak(priced.card(), reached == null ? null : reached.from()), any -> new Adding())
                    .add(line);
        }
    }

    Replayed.Side side() {
        return new Replayed.Side(
                groups.values().stream().map(Adding::totals).reduce(Totals.NONE, Totals::plus),
                totals(groups),
                totals(products),
                totals(breaks));
    }

    private static <K> Map<K, Totals> totals(Map<K, Adding> sums) {
        Map<K, Totals> totals = new HashMap<>();
        sums.forEach((key, sum) -> totals.put(key, sum.totals()));
        return totals;
    }
}
