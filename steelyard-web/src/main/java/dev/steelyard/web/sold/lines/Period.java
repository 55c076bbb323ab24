package dev.steelyard.web.sold.lines;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Stretches of days up to today that are picked by a word. */
public enum Period {
    MONTH("30", "last 30 days"),
    QUARTER("90", "last 90 days"),
    YEAR("year", "last 12 months"),
    ALL("all", "since ever"),
    OWN("own", "from … to …");

    private static final int SHORT = 30;
    private static final int LONG = 90;

    private final String code;
    private final String words;

    Period(String code, String words) {
        this.code = code;
        this.words = words;
    }

    public String code() {
        return code;
    }

    public String words() {
        return words;
    }

    public static Optional<Period> of(String code) {
        return Arrays.stream(values()).filter(one -> one.code.equals(code)).findFirst();
    }

    /** The first day; none for since ever, and where days are typed. */
    public @Nullable LocalDate from(LocalDate today) {
        return switch (this) {
            case MONTH -> today.minusDays(SHORT - 1L);
            case QUARTER -> today.minusDays(LONG - 1L);
            case YEAR -> today.minusYears(1).plusDays(1);
            case ALL, OWN -> null;
        };
    }
}
