package dev.steelyard.web.editing.deal;

import dev.steelyard.core.card.GoodsDirectory;
import dev.steelyard.core.card.GoodsSet;
import dev.steelyard.core.deal.Deal;
import dev.steelyard.core.deal.Gives.Counts;
import dev.steelyard.core.deal.Gives.OnLadder;
import dev.steelyard.core.deal.Gives.Row;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.web.base.picture.Beam;
import dev.steelyard.web.sold.lines.Counted;
import dev.steelyard.web.sold.lines.Which;
import dev.steelyard.web.sold.under.Hanging;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** What orders came to in what a deal counts, whether it was used in them or not. */
final class DealHanging {

    private DealHanging() {}

    /** None where a deal counts what is not told of orders: how many different things there are. */
    static @Nullable Hanging of(long id, Deal deal, Beam beam, GoodsDirectory goods) {
        if (!(deal.gives() instanceof OnLadder ladder)
                || ladder.counts() != Counts.SPEND && ladder.counts() != Counts.PIECES) {
            return null;
        }
        return new Hanging(
                beam,
                Which.Of.deal(id),
                null,
                new Counted(
                        ladder.counts() == Counts.SPEND ? Counted.What.SPEND : Counted.What.PIECES,
                        Over.CARD,
                        null,
                        skus(deal.acted(), goods)),
                ladder.rows().stream().map(Row::from).sorted().toList());
    }

    private static @Nullable Set<String> skus(GoodsSet set, GoodsDirectory goods) {
        return set.isEverything()
                ? null
                : goods.items(set).map(item -> item.product().sku().value()).collect(Collectors.toUnmodifiableSet());
    }
}
