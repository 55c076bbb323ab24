package dev.steelyard.web.selling.shown;

import dev.steelyard.core.card.PassedOverFor;
import dev.steelyard.core.card.Times;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import org.jspecify.annotations.Nullable;

/**
 * The moment at which something is tried. Where no time of day is typed it is noon, or, where hours or days of the week
 * keep it from counting then, the next moment at which it counts.
 *
 * @param moved whether hours or days moved it away from noon
 */
public record TriedAt(ZonedDateTime moment, boolean moved) {

    /** @param time none where none is typed */
    public static TriedAt of(LocalDate day, @Nullable LocalTime time, Times times, ZoneId zone) {
        ZonedDateTime wanted = day.atTime(time == null ? LocalTime.NOON : time).atZone(zone);
        if (time != null || times.reasonAgainst(wanted) != PassedOverFor.NOT_NOW) {
            return new TriedAt(wanted, false);
        }
        return times.openFrom(day.atStartOfDay(zone))
                .map(open -> new TriedAt(open, true))
                .orElse(new TriedAt(wanted, false));
    }
}
