package dev.steelyard.core.sheet;

import dev.steelyard.core.ladder.Validity;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/**
 * What one row of a sheet says, read.
 *
 * @param number its line in the sheet, from 1
 * @param group whom the price is for; none for everyone
 * @param from the threshold in pieces; none for the shelf price
 * @param to the last piece it is said to hold for; none where nothing is said
 * @param price none where the cell is empty
 * @param key none for a row that is new
 */
public record SheetRow(
        int number,
        @Nullable String group,
        @Nullable Integer from,
        @Nullable Integer to,
        @Nullable BigDecimal price,
        Validity validity,
        @Nullable RowKey key,
        Wish wish) {

    /** What shall be done. */
    public enum Wish {
        /** The price shall be as written. */
        SET(""),
        /** The price shall be no more. */
        REMOVE("remove"),
        /** Nothing. */
        KEEP("keep");

        private final String word;

        Wish(String word) {
            this.word = word;
        }

        /** The word in the column {@link Column#ACTION}. */
        public String word() {
            return word;
        }
    }

    public boolean isShelf() {
        return from == null;
    }

    /** The price it says, at a price where it says none. */
    PriceLine line(BigDecimal otherwise) {
        return new PriceLine(group, from, price == null ? otherwise : price, validity);
    }
}
