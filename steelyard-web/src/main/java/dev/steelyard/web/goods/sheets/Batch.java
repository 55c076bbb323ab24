package dev.steelyard.web.goods.sheets;

import dev.steelyard.core.sheet.Note;
import dev.steelyard.format.table.CsvForm;
import dev.steelyard.format.table.TableKind;
import java.time.Instant;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Many price changes that belong together: a sheet that was read in, or an action on picked goods.
 *
 * @param title the name of the file, or what the action does in words
 * @param kind format of the file it came in, and that refused rows are given back in
 * @param odd how many rows are odd in which way
 * @param message what there is to say about where it stands; empty for nothing
 */
public record Batch(
        long id,
        boolean sheet,
        String title,
        @Nullable String fingerprint,
        TableKind kind,
        CsvForm form,
        boolean onlyShelf,
        BatchState state,
        String message,
        Instant madeAt,
        String madeBy,
        Progress progress,
        Totals totals,
        Map<Note.Code, Integer> odd,
        @Nullable Instant appliedAt,
        @Nullable String appliedBy,
        @Nullable Instant undoneAt,
        @Nullable String undoneBy) {

    /** Prices that change tenfold: where there are more, applying asks for their number. */
    public static final int FEW_TENFOLD = 10;

    /** How many prices would be ten times as high or more, or a tenth or less. */
    public int tenfold() {
        return odd.getOrDefault(Note.Code.TENFOLD, 0);
    }

    /** Whether so many change tenfold that their number is to be typed. */
    public boolean asksTwice() {
        return tenfold() > FEW_TENFOLD;
    }

    /** How far background work is: rows read, checked, written, of so many where that is known. */
    public record Progress(int read, int checked, int written, int total) {}

    /** How many rows do what; noted are those with something odd. */
    public record Totals(int added, int changed, int removed, int same, int refused, int noted) {

        public int writing() {
            return added + changed + removed;
        }

        public int all() {
            return writing() + same + refused;
        }
    }
}
