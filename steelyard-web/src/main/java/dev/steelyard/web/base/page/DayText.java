package dev.steelyard.web.base.page;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalTime;
import org.jspecify.annotations.Nullable;

/** Reads a typed day, as date fields send it: 2027-04-01. */
public final class DayText {

    private DayText() {}

    /** A time of day as time fields send it, 09:30; none for an empty text and for one that is no time. */
    public static @Nullable LocalTime time(String text) {
        try {
            return text.isBlank() ? null : LocalTime.parse(text);
        } catch (DateTimeException unreadable) {
            return null;
        }
    }

    /** The day; none for an empty text and for one that is no day. */
    public static @Nullable LocalDate read(String text) {
        try {
            return text.isBlank() ? null : LocalDate.parse(text);
        } catch (DateTimeException unreadable) {
            return null;
        }
    }
}
