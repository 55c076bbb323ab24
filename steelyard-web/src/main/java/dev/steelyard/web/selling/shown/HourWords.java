package dev.steelyard.web.selling.shown;

import dev.steelyard.core.card.Times;
import dev.steelyard.words.Words;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Arrays;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Days of the week and hours in words. */
public final class HourWords {

    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm");

    private HourWords() {}

    /** “Friday, Saturday, 22:00 to 02:00”; empty where neither days nor hours are said. */
    public static String of(Times times, Words words) {
        String named = times.days().stream().sorted().map(words::weekday).collect(Collectors.joining(", "));
        String hours = of(times.opens(), times.closes(), words);
        return named.isEmpty() || hours.isEmpty()
                ? named + hours
                : words.text("hours.days", "days", named, "hours", hours);
    }

    /** “Friday” of “fri”; a text that names no day stays as it is. */
    public static String day(String code) {
        return Arrays.stream(DayOfWeek.values())
                .filter(day -> day.name().substring(0, 3).equalsIgnoreCase(code))
                .map(Words.owners()::weekday)
                .findFirst()
                .orElse(code);
    }

    /** Hours as they are typed; texts that are no times stay as they are. */
    public static String hours(String opens, String closes, Words words) {
        String from = opens.isEmpty() ? "00:00" : opens;
        if (closes.isEmpty()) {
            return words.text("hours.from", "opens", from);
        }
        boolean sameDay = from.compareTo(closes) < 0;
        return words.text(sameDay ? "hours.between" : "hours.over-night", "opens", from, "closes", closes);
    }

    private static String of(@Nullable LocalTime opens, @Nullable LocalTime closes, Words words) {
        if (opens == null && closes == null) {
            return "";
        }
        return hours(opens == null ? "" : TIME.format(opens), closes == null ? "" : TIME.format(closes), words);
    }

    /** “Friday 16 April, 22:00”. */
    public static String moment(ZonedDateTime moment) {
        return Words.owners().weekdayAndMoment(moment.toLocalDateTime());
    }
}
