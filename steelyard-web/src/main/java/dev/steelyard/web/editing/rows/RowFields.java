package dev.steelyard.web.editing.rows;

import dev.steelyard.core.ladder.BreakKey;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.table.LadderTable;
import org.jspecify.annotations.Nullable;

/** The fields of the prices on a step, by which sentence and beam find them. */
record RowFields(RowsStep step, RowsReading.Part part, LadderTable table, DraftDocument typed) {

    String shelfPrice() {
        return step.at() + RowsDocument.SHELF_PRICE;
    }

    /** Whether something stands in the field of the shelf price, be it a price or not. */
    boolean hasShelfPriceTyped() {
        return !typed.text(shelfPrice()).isBlank();
    }

    /** The field of a break's threshold; none for a break that stands elsewhere. */
    @Nullable
    String from(BreakKey key) {
        LadderTable.Row row = row(key);
        return row == null ? null : row.place() + "/from";
    }

    /** The field of a break's price; none for a break that stands elsewhere. */
    @Nullable
    String price(BreakKey key) {
        String place = part.place(key);
        return place == null ? null : place + "/value";
    }

    private LadderTable.@Nullable Row row(BreakKey key) {
        String place = part.place(key);
        return table.rows().stream()
                .filter(row ->
                        row.cells().stream().anyMatch(cell -> cell.place().equals(place)))
                .findFirst()
                .orElse(null);
    }
}
