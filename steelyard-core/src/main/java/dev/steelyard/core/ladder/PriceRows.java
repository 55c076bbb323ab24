package dev.steelyard.core.ladder;

import dev.steelyard.core.number.Quantity;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * The price rows of a product or variant: an all-units ladder of prices by pieces. Every unit is sold at the price of
 * the break reached; below the first threshold the shelf price is unchanged. Immutable and prepared.
 */
public final class PriceRows {

    private final Over over;
    private final Breaks breaks;

    private PriceRows(Over over, Breaks breaks) {
        this.over = over;
        this.breaks = breaks;
    }

    /**
     * These rows, in any order.
     *
     * @param over whether pieces are counted on the line or over the product
     * @throws IllegalArgumentException where a threshold is no possible quantity, or {@link Breaks#clashes} finds
     *     something
     */
    public static PriceRows of(Over over, List<Break> rows) {
        return of(over, rows, Set.of());
    }

    /**
     * The same with groups whose rows stand alone, as {@link Ladder#alone()}.
     *
     * @throws IllegalArgumentException as {@link #of(Over, List)}
     */
    public static PriceRows of(Over over, List<Break> rows, Set<String> alone) {
        for (Break one : rows) {
            if (!Quantity.allowed(one.from())) {
                throw new IllegalArgumentException("a break's threshold must be 1 to 1000000, not "
                        + one.from().toPlainString());
            }
        }
        return new PriceRows(over, Breaks.ofPieces(rows, alone));
    }

    public Over over() {
        return over;
    }

    /** Groups whose rows stand alone. */
    public Set<String> alone() {
        return breaks.alone();
    }

    /** All rows, by threshold. */
    public List<Break> breaks() {
        return breaks.all();
    }

    /** The same, prepared. */
    public Breaks prepared() {
        return breaks;
    }

    /** The rows that count for a customer's group (none: no group) on a day in the shop's time zone. */
    public BreaksInForce inForce(@Nullable String group, LocalDate day) {
        return breaks.inForce(group, day);
    }
}
