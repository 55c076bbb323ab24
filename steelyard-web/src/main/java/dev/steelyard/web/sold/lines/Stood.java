package dev.steelyard.web.sold.lines;

import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.NavigableMap;
import org.jspecify.annotations.Nullable;

/**
 * At which counts orders stood.
 *
 * @param orders how many at each count: pieces, base units times 10^9, or minor units of money
 * @param decimals by which counts are finer than what they are of
 * @param unit of amounts; none for pieces and money
 */
public record Stood(NavigableMap<Long, Long> orders, int decimals, @Nullable Unit unit) {

    public long all() {
        return orders.values().stream().mapToLong(count -> count).sum();
    }

    /** How many stood at a count or above, and below another one. */
    public long between(BigDecimal from, BigDecimal below) {
        long first = finely(from);
        long last = finely(below);
        return first >= last
                ? 0
                : orders.subMap(first, last).values().stream()
                        .mapToLong(count -> count)
                        .sum();
    }

    private long finely(BigDecimal value) {
        return (unit == null ? value : unit.toBase(value))
                .movePointRight(decimals)
                .setScale(0, RoundingMode.CEILING)
                .min(BigDecimal.valueOf(Long.MAX_VALUE))
                .longValue();
    }

    /** A count in what it is of, for pictures only. */
    public double shown(long count) {
        BigDecimal value = BigDecimal.valueOf(count, decimals);
        return (unit == null ? value : unit.fromBase(value)).doubleValue();
    }
}
