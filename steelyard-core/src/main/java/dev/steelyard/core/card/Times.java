package dev.steelyard.core.card;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * When something counts, in the shop's time zone.
 *
 * @param from inclusive; none for since ever
 * @param until exclusive; none for forever
 * @param days of the week; empty for all
 * @param opens the time of day from which it counts; none for midnight
 * @param closes the time of day until which it counts, exclusive; none for midnight. At or before {@code opens}: past
 *     midnight, and the hours belong to the day on which they open: Friday 22:00 to 02:00 ends on Saturday
 */
public record Times(
        @Nullable ZonedDateTime from,
        @Nullable ZonedDateTime until,
        Set<DayOfWeek> days,
        @Nullable LocalTime opens,
        @Nullable LocalTime closes) {

    private static final int DAYS_AHEAD = 8;

    public static final Times ALWAYS = new Times(null, null, Set.of(), null, null);

    public Times {
        days = Set.copyOf(days);
        if (from != null && until != null && !from.isBefore(until)) {
            throw new IllegalArgumentException(
                    "until (" + Moments.written(until) + ") must be after from (" + Moments.written(from) + ")");
        }
    }

    /** From the beginning of one day until the beginning of another, in a time zone. */
    public static Times days(@Nullable LocalDate from, @Nullable LocalDate until, ZoneId zone) {
        return new Times(
                from == null ? null : from.atStartOfDay(zone),
                until == null ? null : until.atStartOfDay(zone),
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
    public Optional<Times> within(@Nullable ZonedDateTime start, @Nullable ZonedDateTime end) {
        ZonedDateTime later = from == null || start != null && start.isAfter(from) ? start : from;
        ZonedDateTime earlier = until == null || end != null && end.isBefore(until) ? end : until;
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
    public @Nullable PassedOverFor reasonAgainst(ZonedDateTime at) {
        if (from != null && at.isBefore(from)) {
            return PassedOverFor.NOT_YET;
        }
        if (until != null && !at.isBefore(until)) {
            return PassedOverFor.NO_LONGER;
        }
        return openAt(at) ? null : PassedOverFor.NOT_NOW;
    }

    /** Whether hours or days of the week keep it from counting at some moments between from and until. */
    public boolean hasHours() {
        return !days.isEmpty() || opens != null || closes != null;
    }

    /** Whether moments, days of the week or hours bound it. */
    public boolean isForATime() {
        return from != null || until != null || hasHours();
    }

    /**
     * Whether it begins or ceases to count after one moment, at or before another: where it counts at one of them and not at the
     * other, or the other way at any end or beginning between them.
     */
    public boolean turns(ZonedDateTime after, ZonedDateTime upTo) {
        boolean counted = counts(after);
        return Stream.of(Stream.of(upTo), Stream.ofNullable(from), Stream.ofNullable(until), hoursBetween(after, upTo))
                .flatMap(moments -> moments)
                .filter(moment -> moment.isAfter(after) && !moment.isAfter(upTo))
                .anyMatch(moment -> counts(moment) != counted);
    }

    /** The ends and beginnings of hours: those of a week and a day, in which each comes, from where it can count first. */
    private Stream<ZonedDateTime> hoursBetween(ZonedDateTime after, ZonedDateTime upTo) {
        if (!hasHours()) {
            return Stream.empty();
        }
        LocalDate first = firstFrom(after).toLocalDate();
        long days = Math.min(DAYS_AHEAD, ChronoUnit.DAYS.between(first, upTo.toLocalDate()));
        return LongStream.rangeClosed(0, days).mapToObj(first::plusDays).flatMap(day -> Stream.of(
                        orMidnight(opens), orMidnight(closes))
                .map(time -> day.atTime(time).atZone(after.getZone())));
    }

    /** The first moment, not before another, at which it has begun. */
    private ZonedDateTime firstFrom(ZonedDateTime at) {
        return from != null && from.isAfter(at) ? from : at;
    }

    private static LocalTime orMidnight(@Nullable LocalTime time) {
        return time == null ? LocalTime.MIN : time;
    }

    private boolean counts(ZonedDateTime at) {
        return reasonAgainst(at) == null;
    }

    /** Hours past midnight belong to the day on which they open. */
    private boolean openAt(ZonedDateTime at) {
        LocalTime time = at.toLocalTime();
        LocalTime start = orMidnight(opens);
        boolean pastMidnight = closes != null && !start.isBefore(closes);
        if (!time.isBefore(start)) {
            return isDay(at.getDayOfWeek()) && (closes == null || pastMidnight || time.isBefore(closes));
        }
        return pastMidnight && time.isBefore(closes) && isDay(at.getDayOfWeek().minus(1));
    }

    private boolean isDay(DayOfWeek day) {
        return days.isEmpty() || days.contains(day);
    }

    /**
     * The nearest moment at which it counts, not before the given one: that itself where it counts then. Found among the
     * beginnings of its stretches within the eight days that follow.
     *
     * @return none where it counts at none of them
     */
    public Optional<ZonedDateTime> openFrom(ZonedDateTime at) {
        ZonedDateTime start = firstFrom(at);
        LocalTime opening = orMidnight(opens);
        return Stream.concat(
                        Stream.of(start), IntStream.rangeClosed(0, DAYS_AHEAD).mapToObj(days -> start.toLocalDate()
                                .plusDays(days)
                                .atTime(opening)
                                .atZone(start.getZone())))
                .filter(moment -> !moment.isBefore(start) && reasonAgainst(moment) == null)
                .findFirst();
    }
}
