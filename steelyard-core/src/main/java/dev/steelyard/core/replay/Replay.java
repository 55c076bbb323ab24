package dev.steelyard.core.replay;

import dev.steelyard.core.pricing.PriceBook;
import dev.steelyard.core.pricing.PricedBasket;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Prices baskets that were sold once more: under what counts now, and under each of some other books. Baskets are handed in one
 * by one, so that any number of them can be held against the books in little memory. For one thread at a time.
 */
public final class Replay {

    private final PriceBook now;
    private final List<Held> held;

    /**
     * @param others one for each draft or value that is tried
     * @param bound in percent, over which a dearer basket is counted apart; none for no bound
     */
    public Replay(PriceBook now, List<PriceBook> others, Assumption assumption, @Nullable BigDecimal bound) {
        this.now = now;
        this.held = others.stream()
                .map(other -> new Held(other, new TakeUp(now, other, assumption), assumption, bound))
                .toList();
    }

    public void add(SoldBasket sold) {
        PricedBasket under = now.basket(sold.lines(), sold.occasion());
        held.forEach(one -> one.add(sold, under));
    }

    /** One for each of the other books, in their order. */
    public List<Replayed> all() {
        return held.stream().map(Held::replayed).toList();
    }
}
