package dev.steelyard.core.ladder;

import java.time.LocalDate;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The days on which something holds, in the shop's time zone: from inclusive, until exclusive, either open.
 */
public record Validity(@Nullable LocalDate from, @Nullable LocalDate until) {

    public static final Validity ALWAYS = new Validity(null, null);

    public Validity {
        if (from != null && until != null && !from.isBefore(until)) {
            throw new IllegalArgumentException("until (" + until + ") must be after from (" + from + ")");
        }
    }

    /** Whether it has a date at either end. */
    public boolean dated() {
        return from != null || until != null;
    }

    /** The last day on which it holds; none where it holds for ever. */
    public @Nullable LocalDate lastDay() {
        return until == null ? null : until.minusDays(1);
    }

    /** Whether it holds on a day. */
    public boolean on(LocalDate day) {
        return (from == null || !day.isBefore(from)) && (until == null || day.isBefore(until));
    }

    /** Whether it begins or ends on a day after one, up to another. */
    public boolean turns(LocalDate after, LocalDate upTo) {
        return Stream.concat(Stream.ofNullable(from), Stream.ofNullable(until))
                .anyMatch(day -> day.isAfter(after) && !day.isAfter(upTo));
    }

    /** Whether there is a day on which both hold. */
    public boolean overlaps(Validity other) {
        return startsBeforeEndOf(other) && other.startsBeforeEndOf(this);
    }

    private boolean startsBeforeEndOf(Validity other) {
        return from == null || other.until == null || from.isBefore(other.until);
    }
}
