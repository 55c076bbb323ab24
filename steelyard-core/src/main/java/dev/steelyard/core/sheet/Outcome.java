package dev.steelyard.core.sheet;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a row of a sheet would do.
 *
 * @param before the price it is about as it stands; none for an addition
 * @param after the price as it would be; none where it would be no more, and for a row that is refused
 * @param refusal why it is refused; none where it is not
 */
public record Outcome(
        SheetRow row,
        Kind kind,
        @Nullable KeptPrice before,
        @Nullable PriceLine after,
        @Nullable Refusal refusal,
        List<Note> notes) {

    /** What it does. */
    public enum Kind {
        ADD,
        CHANGE,
        REMOVE,
        SAME,
        REFUSED;

        /** Whether anything is written for it. */
        public boolean writes() {
            return this == ADD || this == CHANGE || this == REMOVE;
        }
    }

    /** Why, and in which column. */
    public record Refusal(Column column, String reason) {}

    Outcome noted(List<Note> more) {
        return new Outcome(row, kind, before, after, refusal, more);
    }
}
