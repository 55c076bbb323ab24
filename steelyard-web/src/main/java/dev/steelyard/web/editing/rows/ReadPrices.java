package dev.steelyard.web.editing.rows;

import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.BreakKey;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.web.editing.rows.PriceReader.Cell;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What could be read of a form.
 *
 * @param breaks those that are whole and clash with none before them
 * @param cells where each of them stands, in the same order
 * @param errors by field id
 */
record ReadPrices(@Nullable BigDecimal shelfPrice, List<Break> breaks, List<Cell> cells, Map<String, String> errors) {

    PriceState state(Over over) {
        return new PriceState(shelfPrice, over, breaks);
    }

    /** Where a break stands in the table; none for one that is not of it. */
    @Nullable
    Cell cell(@Nullable BreakKey key) {
        for (int i = 0; i < breaks.size(); i++) {
            if (breaks.get(i).key().equals(key)) {
                return cells.get(i);
            }
        }
        return null;
    }
}
