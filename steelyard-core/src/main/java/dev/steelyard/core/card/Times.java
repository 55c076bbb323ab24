package dev.steelyard.core.card;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * When something counts, in the shop's time zone.
 *
 * @param from inclusive; none for since ever
 * @param until exclusive; none for forever
 * @param days of the week; empty for all
 * @param opens the time of day from which it counts; none for midnight
 * @param closes the time of day until which it counts, exclusive; none for midnight. Before {@code opens}: over night
 */
public record Times(
        @Nullable LocalDateTime from,
        @Nullable LocalDateTime until,
        Set<DayOfWeek> days,
        @Nullable LocalTime opens,
        @Nullable LocalTime closes) {

    public static final Times ALWAYS = new Times(null, null, Set.of(), null, null);

    public Times {
        days = Set.copyOf(days);
        if (from != null && until != null && !from.isBefore(until)) {
            throw new IllegalArgumentException("until (" + until + ") must be after from (" + from + ")");
        }
    }

    /** From the beginning of one day until the beginning of another. */
    public static Times days(@Nullable LocalDate from, @Nullable LocalDate until) {
        return new Times(
                from == null ? null : from.atStartOfDay(),
                until == null ? null : until.atStartOfDay(),
                Set.of(),
                null,
                null);
    }

    /**
     * The part of this that lies between two moments.
     *
     * @param start inclusive; none for since ever
     * @param end exclusive; none for forever
     * @return none where nothing of it does
     */
    public Optional<Times> within(@Nullable LocalDateTime start, @Nullable LocalDateTime end) {
        LocalDateTime later = from == null || start != null && start.isAfter(from) ? start : from;
        LocalDateTime earlier = until == null || end != null && end.isBefore(until) ? end : until;
        return later != null && earlier != null && !later.isBefore(earlier)
                ? Optional.empty()
                : Optional.of(new Times(later, earlier, days, opens, closes));
    }

    /** Whether there may be a moment of both: hours and days of the week are taken as if they met. */
    public boolean meets(Times other) {
        return (from == null || other.until == null || from.isBefore(other.until))
                && (other.from == null || until == null || other.from.isBefore(until));
    }

    /** Whether every moment of another is one of this. */
    public boolean takesAllOf(Times other) {
        boolean dates = (from == null || other.from != null && !other.from.isBefore(from))
                && (until == null || other.until != null && !other.until.isAfter(until));
        boolean hours = opens == null && closes == null
                || Objects.equals(opens, other.opens) && Objects.equals(closes, other.closes);
        return dates && hours && (days.isEmpty() || !other.days.isEmpty() && days.containsAll(other.days));
    }

    /** Why it does not count at a moment; none where it does. */
    public @Nullable PassedOverFor reasonAgainst(LocalDateTime at) {
        if (from != null && at.isBefore(from)) {
            return PassedOverFor.NOT_YET;
        }
        if (until != null && !at.isBefore(until)) {
            return PassedOverFor.NO_LONGER;
        }
        boolean open = (days.isEmpty() || days.contains(at.getDayOfWeek())) && openAt(at.toLocalTime());
        return open ? null : PassedOverFor.NOT_NOW;
    }

    private boolean openAt(LocalTime time) {
        LocalTime start = opens == null ? LocalTime.MIN : opens;
        if (closes == null) {
            return !time.isBefore(start);
        }
        return start.isBefore(closes)
                ? !time.isBefore(start) && time.isBefore(closes)
                : !time.isBefore(start) || time.isBefore(closes);
    }
}
