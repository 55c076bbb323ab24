package dev.steelyard.core.announced;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The lowest price of the thirty days before a reduction that holds for a time, by Directive 98/6/EC, Article 6a, as Directive
 * (EU) 2019/2161 has it. Days are those of the shop; a reduction that begins within a day is preceded by thirty days that end
 * where it begins.
 */
public final class LowestPrice {

    /** How many days before the reduction are looked at. */
    public static final int DAYS = 30;

    private LowestPrice() {}

    /**
     * The price to be named beside a reduced one.
     *
     * @param spans of the item, the first first, the last of them still announced
     * @param now what is announced
     * @return none where it is not lowered for a time, nothing is known of before, or it was as low within those days
     */
    public static Optional<BigDecimal> before(List<PriceSpan> spans, Announced now, ZoneId zone) {
        if (!now.forATime() || spans.size() < 2) {
            return Optional.empty();
        }
        PriceSpan last = spans.get(spans.size() - 1);
        PriceSpan earlier = spans.get(spans.size() - 2);
        if (last.price().compareTo(now.price()) != 0 || earlier.price().compareTo(now.price()) <= 0) {
            return Optional.empty();
        }
        Instant began = last.from();
        Instant first = began.atZone(zone)
                .toLocalDate()
                .minusDays(DAYS)
                .atStartOfDay(zone)
                .toInstant();
        return spans.stream()
                .filter(span -> span != last && span.meets(first, began))
                .map(PriceSpan::price)
                .min(BigDecimal::compareTo)
                .filter(lowest -> lowest.compareTo(now.price()) > 0);
    }

    /**
     * The lowest price of each day.
     *
     * @param from the first day
     * @param until the last day
     * @return by day, the first first; without days of which nothing is known
     */
    public static Map<LocalDate, BigDecimal> byDay(
            List<PriceSpan> spans, LocalDate from, LocalDate until, ZoneId zone) {
        Map<LocalDate, BigDecimal> days = new LinkedHashMap<>();
        for (LocalDate day = from; !day.isAfter(until); day = day.plusDays(1)) {
            Instant begins = day.atStartOfDay(zone).toInstant();
            Instant ends = day.plusDays(1).atStartOfDay(zone).toInstant();
            LocalDate one = day;
            spans.stream()
                    .filter(span -> span.meets(begins, ends))
                    .map(PriceSpan::price)
                    .min(BigDecimal::compareTo)
                    .ifPresent(lowest -> days.put(one, lowest));
        }
        return days;
    }
}
