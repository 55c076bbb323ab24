package dev.steelyard.web.selling.shown;

import dev.steelyard.core.card.Times;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.time.format.TextStyle;
import java.util.Arrays;
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

    /** “Friday” of “fri”; a text that names no day stays as it is. */
    public static String day(String code) {
        return Arrays.stream(DayOfWeek.values())
                .filter(day -> day.name().substring(0, 3).equalsIgnoreCase(code))
                .map(day -> day.getDisplayName(TextStyle.FULL, Locale.UK))
                .findFirst()
                .orElse(code);
    }

    /** Hours as they are typed; texts that are no times stay as they are. */
    public static String hours(String opens, String closes) {
        String from = opens.isEmpty() ? "00:00" : opens;
        return closes.isEmpty()
                ? "from " + from
                : from + " to " + closes + (from.compareTo(closes) < 0 ? "" : " the next day");
    }

    private static String of(@Nullable LocalTime opens, @Nullable LocalTime closes) {
        if (opens == null && closes == null) {
            return "";
        }
        return hours(opens == null ? "" : TIME.format(opens), closes == null ? "" : TIME.format(closes));
    }

    /** “Friday 16 April, 22:00”. */
    public static String moment(ZonedDateTime moment) {
        return MOMENT.format(moment);
    }
}
