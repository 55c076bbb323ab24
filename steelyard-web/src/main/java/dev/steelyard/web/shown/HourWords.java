package dev.steelyard.web.shown;

import dev.steelyard.core.card.Times;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.time.format.TextStyle;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Days of the week and hours in words. */
public final class HourWords {

    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm");
    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("EEEE d MMMM, HH:mm", Locale.UK);

    private HourWords() {}

    /** “Friday, Saturday, 22:00 to 02:00”; empty where neither days nor hours are said. */
    public static String of(Times times) {
        List<DayOfWeek> days = times.days().stream().sorted().toList();
        String named = days.stream()
                .map(day -> day.getDisplayName(TextStyle.FULL, Locale.UK))
                .collect(Collectors.joining(", "));
        String hours = of(times.opens(), times.closes());
        return named.isEmpty() || hours.isEmpty() ? named + hours : named + ", " + hours;
    }

    private static String of(@Nullable LocalTime opens, @Nullable LocalTime closes) {
        if (opens == null && closes == null) {
            return "";
        }
        String from = opens == null ? "00:00" : TIME.format(opens);
        if (closes == null) {
            return "from " + from;
        }
        boolean pastMidnight = !(opens == null ? LocalTime.MIN : opens).isBefore(closes);
        return from + " to " + TIME.format(closes) + (pastMidnight ? " the next day" : "");
    }

    /** “Friday 16 April, 22:00”. */
    public static String moment(ZonedDateTime moment) {
        return MOMENT.format(moment);
    }
}
