package dev.steelyard.web.sold.lines;

import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.unit.Unit;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * How orders are counted to see at which counts they stood, as a ladder counts.
 *
 * @param what pieces, an amount in a unit, or money before deals
 * @param over which lines of an order count together
 * @param unit of amounts; none for others
 * @param goods the SKUs of products that count; none for all
 */
public record Counted(What what, Over over, @Nullable Unit unit, @Nullable Set<String> goods) {

    /** The same of some products only, by their SKUs. */
    public Counted of(@Nullable Set<String> products) {
        return new Counted(what, over, unit, products);
    }

    /** What is counted. */
    public enum What {
        PIECES,
        AMOUNT,
        /** The amount of one piece. */
        AMOUNT_EACH,
        SPEND
    }
}
