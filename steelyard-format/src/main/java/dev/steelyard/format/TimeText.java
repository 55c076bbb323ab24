package dev.steelyard.format;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.function.Function;

/**
 * How days and times are written (ISO 8601).
 *
 * @param wanted what is said where something else stands
 */
record TimeText<T>(String wanted, Function<String, T> parse) {

    static final TimeText<LocalDate> DAY = new TimeText<>("a day as 2027-04-01", LocalDate::parse);

    static final TimeText<LocalTime> TIME = new TimeText<>("a time as 09:30", LocalTime::parse);

    /** A day, whose beginning is meant, or a day with a time. */
    static final TimeText<LocalDateTime> MOMENT = new TimeText<>(
            "a day as 2027-04-01 or a moment as 2027-04-01T09:30",
            text -> text.contains("T")
                    ? LocalDateTime.parse(text)
                    : LocalDate.parse(text).atStartOfDay());
}
