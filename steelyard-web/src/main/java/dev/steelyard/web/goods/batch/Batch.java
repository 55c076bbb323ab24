package dev.steelyard.web.goods.batch;

import dev.steelyard.core.sheet.Column;
import dev.steelyard.core.sheet.Note;
import dev.steelyard.core.sheet.SheetColumn;
import dev.steelyard.format.columns.ColumnPlan;
import dev.steelyard.format.goods.GoodsColumn;
import dev.steelyard.format.table.CsvForm;
import dev.steelyard.format.table.TableKind;
import java.time.Instant;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Many changes that belong together: a price sheet or goods sheet that was read in, or an action on picked goods.
 *
 * @param title the name of the file, or what the action does in words
 * @param kind format of the file it came in, and that refused rows are given back in
 * @param plan which columns of the file are what; of an action the application’s own
 * @param odd how many rows are odd in which way
 * @param message what there is to say about where it stands; empty for nothing
 */
public record Batch(
        long id,
        Origin origin,
        String title,
        @Nullable String fingerprint,
        TableKind kind,
        CsvForm form,
        ColumnPlan plan,
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

    /** What makes it. */
    public enum Origin {
        SHEET,
        ACTION,
        GOODS;

        /** The columns that a sheet of this kind may have. */
        public SheetColumn[] columns() {
            return this == GOODS ? GoodsColumn.values() : Column.values();
        }
    }

    /** The address of its page. */
    public String page() {
        return (origin == Origin.GOODS ? "/sheets/goods/" : "/sheets/") + id;
    }

    /**
     * What is said where prices would change tenfold and their number was not typed; none where it need not be.
     *
     * @param typed the number
     * @param twoEyes whether who made it cannot apply it
     */
    public @Nullable String asked(String typed, boolean twoEyes, String by) {
        if (twoEyes && madeBy.equals(by) && state == BatchState.READY) {
            return "Nothing was applied. You made it, and in this shop somebody else puts it live.";
        }
        String number = typed.strip();
        if (!asksTwice() || state != BatchState.READY || number.equals("" + tenfold())) {
            return null;
        }
        return "Nothing was applied. " + tenfold()
                + " prices would be ten times what they are or more, or a tenth or less; type that number if you mean it"
                + (number.isEmpty()
                        ? "."
                        : ", not “" + (number.length() <= 20 ? number : number.substring(0, 20) + "…") + "”.");
    }

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

    /** The kind of oddness that is asked for, as “odd-tenfold”; none where it is none of this batch’s. */
    public Note.@Nullable Code oddWay(String asked) {
        return odd.keySet().stream()
                .filter(one -> ("odd-" + one.name()).equalsIgnoreCase(asked))
                .findFirst()
                .orElse(null);
    }

    /** How far it is, for the bar; -1 where that is not known. */
    public int percent() {
        if (progress.total() == 0) {
            return -1;
        }
        int done = state == BatchState.READING ? progress.checked() : progress.written();
        return (int) (100L * done / progress.total());
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
