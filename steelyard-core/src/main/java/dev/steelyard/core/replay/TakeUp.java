package dev.steelyard.core.replay;

import dev.steelyard.core.deal.Occasion;
import dev.steelyard.core.pricing.NextBreak;
import dev.steelyard.core.pricing.OrderLine;
import dev.steelyard.core.pricing.PriceBook;
import dev.steelyard.core.pricing.PricedLine;
import org.jspecify.annotations.Nullable;

/** What of a line is ordered more to reach a break that is near enough and new: more pieces, or more of what is measured. */
final class TakeUp {

    private final PriceBook now;
    private final PriceBook other;
    private final Assumption assumption;

    TakeUp(PriceBook now, PriceBook other, Assumption assumption) {
        this.now = now;
        this.other = other;
        this.assumption = assumption;
    }

    /**
     * The line as it is then.
     *
     * @param before priced as now
     * @param after priced under the other book
     * @return none where there is no such break
     */
    @Nullable
    OrderLine of(OrderLine line, PricedLine before, PricedLine after, Occasion occasion) {
        long more = more(before.next(), after);
        return more > 0
                ? new OrderLine(line.sku(), line.quantity() + more, line.answers())
                : measured(line, before, after, occasion);
    }

    private long more(@Nullable NextBreak known, PricedLine line) {
        NextBreak next = line.next();
        if (next == null || !assumption.isWithin(line.counted(), next.more())) {
            return 0;
        }
        boolean there = known != null
                && known.more() == next.more()
                && known.pricePerPiece().compareTo(next.pricePerPiece()) <= 0;
        return there ? 0 : next.more();
    }

    private @Nullable OrderLine measured(OrderLine line, PricedLine before, PricedLine after, Occasion occasion) {
        AmountBreaks breaks = AmountBreaks.of(other, line, after, occasion);
        AmountBreaks.Next next = breaks == null ? null : breaks.next();
        if (breaks == null || next == null || !assumption.isWithin(breaks.counted(), next.from())) {
            return null;
        }
        AmountBreaks known = AmountBreaks.of(now, line, before, occasion);
        return known != null && known.has(next) ? null : breaks.reaching(line, next);
    }
}
