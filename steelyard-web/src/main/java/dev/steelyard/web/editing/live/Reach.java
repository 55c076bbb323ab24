package dev.steelyard.web.editing.live;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * For whom a version of a card changes what they pay: of each of its goods the smallest order, and those at the first breaks,
 * by everyone, as they are priced now and as they would be; the one that changes most.
 *
 * @param changed the goods whose price changes, those first that change most
 * @param losing how many goods of the version lose another card
 * @param left how many goods the live version covers and this one does not
 * @param more whether there are so many goods that not all were looked at
 */
public record Reach(List<Row> changed, int losing, int left, boolean more) {

    /**
     * Goods whose price changes.
     *
     * @param order how many pieces
     * @param now its price; empty where it has none
     * @param by the card that prices it now
     * @param difference “+ 3.20 (+4.3 %)”; empty where one of the prices is none
     * @param share by how much it changes, as a share of the price now; none where that cannot be said
     */
    public record Row(
            String sku,
            String name,
            String order,
            String now,
            String by,
            String then,
            String thenBy,
            String difference,
            @Nullable Double share) {

        /** Whether its price, or the card that prices it, is another. */
        boolean changes() {
            return !now.equals(then) || otherCard();
        }

        /** Whether another card prices it than now. */
        public boolean otherCard() {
            return !by.equals(thenBy);
        }
    }
}
