package dev.steelyard.web.sold.lines;

import java.math.BigDecimal;
import java.math.RoundingMode;
import org.jspecify.annotations.Nullable;

/**
 * What some lines come to.
 *
 * @param amount in base units, of those lines that are measured
 * @param turnover after deals, as the shop's prices stand to tax
 * @param reduced by breaks and deals
 * @param known without tax, of those lines whose cost is known
 * @param cost of those
 */
public record SoldFigures(
        long orders,
        long lines,
        long pieces,
        BigDecimal amount,
        BigDecimal turnover,
        BigDecimal reduced,
        BigDecimal known,
        BigDecimal cost) {

    /** In percent of the price without tax, to one decimal, rounded down; none where no cost is known. */
    public @Nullable BigDecimal margin() {
        return known.signum() <= 0
                ? null
                : known.subtract(cost).movePointRight(2).divide(known, 1, RoundingMode.FLOOR);
    }
}
