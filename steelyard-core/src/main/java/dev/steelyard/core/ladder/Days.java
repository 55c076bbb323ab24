package dev.steelyard.core.ladder;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** The days on which a price may begin or end. */
public final class Days {

    public static final LocalDate FIRST = LocalDate.of(2000, 1, 1);
    public static final LocalDate LAST = LocalDate.of(2199, 12, 31);

    private Days() {}

    public static boolean allowed(LocalDate day) {
        return !day.isBefore(FIRST) && !day.isAfter(LAST);
    }

    /**
     * Why two days are no stretch of time, in words; none where they are, or one is open.
     *
     * @param until exclusive
     */
    public static @Nullable String fault(@Nullable LocalDate from, @Nullable LocalDate until) {
        return from == null || until == null || from.isBefore(until)
                ? null
                : "The last day, " + until.minusDays(1) + ", is before the first, " + from;
    }
}
