package dev.steelyard.format.columns;

import dev.steelyard.core.number.Pasted;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.ResolverStyle;
import org.jspecify.annotations.Nullable;

/** Whether days that are written with the year last begin with the day or with the month: 1.4.2027 or 4/1/2027. */
public enum DayOrder {
    DAY_FIRST("d/M/uuuu"),
    MONTH_FIRST("M/d/uuuu");

    private final DateTimeFormatter form;

    DayOrder(String form) {
        this.form = DateTimeFormatter.ofPattern(form).withResolverStyle(ResolverStyle.STRICT);
    }

    /** The day of a text with points, strokes or hyphens; none where it is no such day. */
    public @Nullable LocalDate read(String text) {
        try {
            return LocalDate.parse(Pasted.stripped(text).replace('.', '/').replace('-', '/'), form);
        } catch (DateTimeException noDay) {
            return null;
        }
    }
}
