package dev.steelyard.format;

import dev.steelyard.core.card.Moments;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.function.BiFunction;

/**
 * How days and times are written (ISO 8601, RFC 3339).
 *
 * @param wanted what is said where something else stands
 * @param parse a text in the shop's time zone
 */
public record TimeText<T>(String wanted, BiFunction<String, ZoneId, T> parse) {

    public static final TimeText<LocalDate> DAY =
            new TimeText<>("a day as 2027-04-01", (text, zone) -> LocalDate.parse(text));
    public static final TimeText<LocalTime> TIME =
            new TimeText<>("a time as 09:30", (text, zone) -> LocalTime.parse(text));
    /** A day, whose beginning is meant, or a day with a time, with an offset or without where only one can be meant. */
    public static final TimeText<ZonedDateTime> MOMENT = new TimeText<>(
            "a day as 2027-04-01 or a moment as 2027-04-01T09:30 or 2027-04-01T09:30+02:00", TimeText::moment);

    /** A time that the shop's clocks skip or show twice. */
    static final class Unclear extends DateTimeException {

        private static final long serialVersionUID = 1L;

        private final transient List<String> instead;

        Unclear(String message, List<String> instead) {
            super(message);
            this.instead = instead;
        }

        List<String> instead() {
            return instead;
        }
    }

    private static ZonedDateTime moment(String text, ZoneId zone) {
        if (!text.contains("T")) {
            return LocalDate.parse(text).atStartOfDay(zone);
        }
        Moments.Reading reading = Moments.read(text, zone);
        if (reading.moment() == null) {
            throw new Unclear(String.valueOf(reading.fault()), reading.instead());
        }
        return reading.moment();
    }
}
