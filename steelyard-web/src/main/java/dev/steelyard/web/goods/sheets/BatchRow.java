package dev.steelyard.web.goods.sheets;

import dev.steelyard.core.sheet.Column;
import dev.steelyard.core.sheet.Note;
import dev.steelyard.core.sheet.Outcome;
import dev.steelyard.core.sheet.PriceLine;
import dev.steelyard.core.sheet.RowKey;
import dev.steelyard.core.sheet.SheetRow;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A row of a batch.
 *
 * @param number its place in the batch, from 1
 * @param line in the file; in an action the same as its number
 * @param row none where the cells could not be read
 * @param name what the sheet calls the goods; empty where it does not
 * @param target what stored price it is about, or would make; none for a refused row
 * @param before the price as it stood when it was checked
 * @param after the price as it would be
 * @param cells as texts, only where they could not be read
 */
record BatchRow(
        int number,
        int line,
        Outcome.Kind outcome,
        String sku,
        String name,
        @Nullable Long productId,
        @Nullable Long variantId,
        @Nullable SheetRow row,
        @Nullable Target target,
        @Nullable PriceLine before,
        @Nullable PriceLine after,
        Outcome.@Nullable Refusal refusal,
        List<Note> notes,
        Map<Column, String> cells) {

    /** A stored price: a price row, or the shelf price of a product or variant. */
    record Target(RowKey.Kind kind, long id) {}
}
