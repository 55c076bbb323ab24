package dev.steelyard.core.replay;

import dev.steelyard.core.pricing.LineResult;
import dev.steelyard.core.pricing.NextBreak;
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

    Held(PriceBook book, Assumption assumption, @Nullable BigDecimal bound) {
        this.book = book;
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
            long more = more(under.lines().get(i), priced.lines().get(i));
            if (more > 0) {
                OrderLine line = lines.get(i);
                lines.set(i, new OrderLine(line.sku(), line.quantity() + more, line.answers()));
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

    /** How many more pieces reach a break that is near enough and new; 0 for none. */
    private long more(LineResult before, LineResult after) {
        PricedLine line = (PricedLine) after;
        NextBreak next = line.next();
        if (next == null || !assumption.isWithin(line.counted(), next.more())) {
            return 0;
        }
        NextBreak known = ((PricedLine) before).next();
        boolean there = known != null
                && known.more() == next.more()
                && known.pricePerPiece().compareTo(next.pricePerPiece()) <= 0;
        return there ? 0 : next.more();
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
