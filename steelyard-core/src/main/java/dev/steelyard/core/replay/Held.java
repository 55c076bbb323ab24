package dev.steelyard.core.replay;

import dev.steelyard.core.pricing.OrderLine;
import dev.steelyard.core.pricing.PriceBook;
import dev.steelyard.core.pricing.PricedBasket;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.replay.Replayed.Change;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Baskets held against one other book. */
final class Held {

    private final PriceBook book;
    private final TakeUp takeUp;
    private final Assumption assumption;
    private final @Nullable BigDecimal bound;
    private final Sums now = new Sums();
    private final Sums other = new Sums();
    private final Most dearest =
            new Most(Comparator.comparing(Change::difference).reversed());
    private final Most overMost = new Most(Comparator.comparing(Change::share).reversed());
    private final Most cheapest = new Most(Comparator.comparing(Change::difference));
    private final Most refusedMost = new Most(Comparator.comparing(Change::now).reversed());
    private Totals assumed = Totals.NONE;
    private BigDecimal then = BigDecimal.ZERO;
    private long baskets;
    private long lifted;
    private long dearer;
    private long cheaper;
    private long over;
    private long refused;
    private long apart;

    Held(PriceBook book, TakeUp takeUp, Assumption assumption, @Nullable BigDecimal bound) {
        this.book = book;
        this.takeUp = takeUp;
        this.assumption = assumption;
        this.bound = bound;
    }

    void add(SoldBasket sold, PricedBasket under) {
        if (!under.sellable() || sold.lines().isEmpty()) {
            apart++;
            return;
        }
        PricedBasket priced = book.basket(sold.lines(), sold.occasion());
        BigDecimal before = under.total().value();
        if (!priced.sellable()) {
            refused++;
            refusedMost.add(new Change(sold.id(), before, BigDecimal.ZERO));
            return;
        }
        baskets++;
        then = then.add(sold.sold());
        changed(new Change(sold.id(), before, priced.total().value()));
        String group = sold.occasion().customer().group();
        now.add(under, group);
        other.add(priced, group);
        if (!assumption.same()) {
            assumed = assumed.plus(assumed(sold, under, priced, BasketSums.whole(priced)));
        }
    }

    private void changed(Change change) {
        int which = change.difference().signum();
        if (which > 0) {
            dearer++;
            dearest.add(change);
            if (bound != null && change.isOver(bound)) {
                over++;
                overMost.add(change);
            }
        } else if (which < 0) {
            cheaper++;
            cheapest.add(change);
        }
    }

    /** What the basket is expected to come to where some take up to breaks that are new. */
    private Totals assumed(SoldBasket sold, PricedBasket under, PricedBasket priced, Totals same) {
        List<OrderLine> lines = new ArrayList<>(sold.lines());
        int up = 0;
        for (int i = 0; i < lines.size(); i++) {
            OrderLine taken = takeUp.of(
                    lines.get(i),
                    (PricedLine) under.lines().get(i),
                    (PricedLine) priced.lines().get(i),
                    sold.occasion());
            if (taken != null) {
                lines.set(i, taken);
                up++;
            }
        }
        if (up == 0) {
            return same;
        }
        PricedBasket taken = book.basket(lines, sold.occasion());
        if (!taken.sellable()) {
            return same;
        }
        lifted += up;
        return same.between(BasketSums.whole(taken), assumption);
    }

    Replayed replayed() {
        List<Change> most = new ArrayList<>(dearest.inOrder());
        most.addAll(cheapest.inOrder());
        Replayed.Side side = other.side();
        return new Replayed(
                baskets,
                then,
                now.side(),
                side,
                assumption.same() ? side.whole() : assumed,
                lifted,
                dearer,
                cheaper,
                over,
                overMost.inOrder(),
                List.copyOf(most),
                refused,
                refusedMost.inOrder(),
                apart);
    }
}
