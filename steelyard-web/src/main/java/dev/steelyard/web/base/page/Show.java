package dev.steelyard.web.base.page;

import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.reckoning.Step.Figure;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** Numbers, dates and times as pages show them: in the shop's language, which is English for now. */
public final class Show {

    private static final Locale LANGUAGE = Locale.UK;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", LANGUAGE);
    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("d MMMM yyyy, HH:mm", LANGUAGE);
    private static final int GROUP = 3;
    private static final int MOST_TYPED = 60;

    private Show() {}

    /** With at least so many decimals, thousands set apart: {@code 1,362.50}. No digit is rounded away. */
    public static String money(BigDecimal value, int decimals) {
        return grouped(Decimals.plain(value, decimals));
    }

    /** Money, or a number with its unit: {@code 12 m²}. */
    public static String figure(Figure figure) {
        String digits = money(figure.value(), figure.decimals());
        String symbol = figure.unit() == null ? "" : figure.unit().symbol();
        return symbol.isEmpty() ? digits : digits + " " + symbol;
    }

    /** A whole number, thousands set apart. */
    public static String whole(long value) {
        return grouped(Long.toString(value));
    }

    /** A percentage with one decimal: {@code 16.2 %}. */
    public static String percent(BigDecimal part, BigDecimal of) {
        BigDecimal percent = part.multiply(BigDecimal.valueOf(100)).divide(of, 1, RoundingMode.HALF_UP);
        return Decimals.plain(percent, 0) + " %";
    }

    /** For a field to be edited: no thousands, a decimal point. */
    public static String field(@Nullable BigDecimal value, int decimals) {
        return value == null ? "" : Decimals.plain(value, decimals);
    }

    /** {@code 3 November 2026}. */
    public static String day(LocalDate day) {
        return DAY.format(day);
    }

    /** {@code up to and including 3 November 2026}, or {@code until 3 November 2026, 09:12} for what ends within a day. */
    public static String end(ZonedDateTime until) {
        return until.toLocalTime().equals(LocalTime.MIDNIGHT)
                ? "up to and including " + day(until.toLocalDate().minusDays(1))
                : "until " + MOMENT.format(until);
    }

    /** {@code 3 November 2026, 09:12} in a time zone. */
    public static String moment(Instant instant, ZoneId zone) {
        return MOMENT.format(instant.atZone(zone));
    }

    /** What somebody typed, cut off where it is long. */
    public static String typed(String text) {
        return text.length() <= MOST_TYPED ? text : text.substring(0, MOST_TYPED) + "…";
    }

    private static String grouped(String digits) {
        int start = digits.startsWith("-") ? 1 : 0;
        int point = digits.indexOf('.');
        StringBuilder text = new StringBuilder(digits);
        for (int at = (point < 0 ? digits.length() : point) - GROUP; at > start; at -= GROUP) {
            text.insert(at, ',');
        }
        return text.toString();
    }
}
