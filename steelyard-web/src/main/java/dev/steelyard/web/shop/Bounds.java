package dev.steelyard.web.shop;

import dev.steelyard.core.number.Quantity;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/**
 * Figures that the owner sets for the whole shop.
 *
 * @param smallestMargin in percent of a price, below which it is warned of; none for none
 * @param mostPieces how many pieces one line can have where its card does not say
 * @param largeChange by how much of it, in percent, a price may change in a sheet or action before it is asked about
 * @param hintGives how much of a basket, in percent, a hint may make the shop give
 * @param dearest by how much, in percent, no order of the last 90 days may become dearer when something goes live; none for
 *     no such bound
 */
public record Bounds(
        @Nullable BigDecimal smallestMargin,
        long mostPieces,
        BigDecimal largeChange,
        BigDecimal hintGives,
        @Nullable BigDecimal dearest) {

    /** What counts where the owner says nothing. */
    public static final Bounds USUAL =
            new Bounds(null, Quantity.MOST, BigDecimal.valueOf(30), BigDecimal.valueOf(50), null);
}
