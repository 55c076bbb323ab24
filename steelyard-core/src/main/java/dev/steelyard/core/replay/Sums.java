package dev.steelyard.core.replay;

import dev.steelyard.core.card.Sku;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.pricing.PricedLine;
import java.util.HashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What baskets come to under one book: in all, by group, by product and by the break reached. */
final class Sums {

    private Totals whole = Totals.NONE;
    private final Map<String, Totals> groups = new HashMap<>();
    private final Map<Sku, Totals> products = new HashMap<>();
    private final Map<AtBreak, Totals> breaks = new HashMap<>();

    void add(BasketSums basket, int lines, @Nullable String group) {
        Totals all = Totals.NONE;
        for (int i = 0; i < lines; i++) {
            Totals line = basket.of(i);
            PricedLine priced = basket.line(i);
            all = all.plus(line);
            products.merge(priced.item().product().sku(), line, Totals::plus);
            Break reached = priced.reached();
            breaks.merge(new AtBreak(priced.card(), reached == null ? null : reached.from()), line, Totals::plus);
        }
        groups.merge(group == null ? Replayed.EVERYONE : group, all, Totals::plus);
        whole = whole.plus(all);
    }

    Replayed.Side side() {
        return new Replayed.Side(whole, groups, products, breaks);
    }
}
