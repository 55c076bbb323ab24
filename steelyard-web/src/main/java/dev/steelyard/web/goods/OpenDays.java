package dev.steelyard.web.goods;

import dev.steelyard.core.ladder.Validity;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** A period in the database has no open ends; its first and its last possible day stand for them. */
public final class OpenDays {

    public static final LocalDate NO_START = LocalDate.of(1000, 1, 1);
    public static final LocalDate NO_END = LocalDate.of(9999, 12, 31);

    private static final String NO_START_TEXT = NO_START.toString();
    private static final String NO_END_TEXT = NO_END.toString();

    private OpenDays() {}

    /** The days between two as the database writes them, none where there is no such end. */
    public static Validity validity(@Nullable String starts, @Nullable String ends) {
        boolean begins = starts != null && !starts.equals(NO_START_TEXT);
        boolean stops = ends != null && !ends.equals(NO_END_TEXT);
        return begins || stops
                ? new Validity(begins ? LocalDate.parse(starts) : null, stops ? LocalDate.parse(ends) : null)
                : Validity.ALWAYS;
    }

    public static LocalDate starts(Validity days) {
        return orElse(days.from(), NO_START);
    }

    public static LocalDate ends(Validity days) {
        return orElse(days.until(), NO_END);
    }

    private static LocalDate orElse(@Nullable LocalDate day, LocalDate open) {
        return day == null ? open : day;
    }
}
