package dev.steelyard.web.page;

import java.time.DateTimeException;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** Reads a typed day, as date fields send it: 2027-04-01. */
public final class DayText {

    private DayText() {}

    /** The day; none for an empty text and for one that is no day. */
    public static @Nullable LocalDate read(String text) {
        try {
            return text.isBlank() ? null : LocalDate.parse(text);
        } catch (DateTimeException unreadable) {
            return null;
        }
    }
}
