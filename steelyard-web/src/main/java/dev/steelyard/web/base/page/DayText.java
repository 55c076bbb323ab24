package dev.steelyard.web.base.page;

import dev.steelyard.core.number.Pasted;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;

/** Reads a typed day, as date fields send it: 2027-04-01. */
public final class DayText {

    private static final int LAST_YEAR = 9998;

    private DayText() {}

    /** A time of day as time fields send it, 09:30; none for an empty text and for one that is no time. */
    public static @Nullable LocalTime time(String text) {
        try {
            return text.isBlank() ? null : LocalTime.parse(text);
        } catch (DateTimeException unreadable) {
            return null;
        }
    }

    /**
     * What is kept for the last day of something, that day included: the day after. Formats and the database keep the day
     * on which it no longer holds; what is no day stays as it is typed.
     */
    public static String untilOf(String lastDay) {
        LocalDate day = read(Pasted.stripped(lastDay));
        return day == null || day.getYear() > LAST_YEAR
                ? lastDay
                : day.plusDays(1).toString();
    }

    /** The last day of something that is kept with the day on which it no longer holds. */
    public static String lastDay(String until) {
        LocalDate day = read(Pasted.stripped(until));
        return day == null || day.getYear() > LAST_YEAR
                ? until
                : day.minusDays(1).toString();
    }

    /** The day; none for an empty text and for one that is no day. */
    public static @Nullable LocalDate read(String text) {
        try {
            return text.isBlank() ? null : LocalDate.parse(text);
        } catch (DateTimeException unreadable) {
            return null;
        }
    }

    /** The day, and in words what is wrong where something was typed that is none. */
    public static @Nullable LocalDate read(String text, Consumer<String> fault) {
        LocalDate day = read(text);
        if (day == null && !text.isBlank()) {
            fault.accept("“" + Show.typed(text) + "” is no day; write it like 2026-11-26");
        }
        return day;
    }
}
