package dev.steelyard.web.editing.rows;

import java.util.Map;

/**
 * One row of the table as typed: a threshold, a price for each group, dates.
 *
 * @param prices by group id; {@link PriceForm#EVERYONE} for everyone
 */
record RowText(String from, Map<Long, String> prices, String starts, String ends) {

    static RowText empty() {
        return new RowText("", Map.of(), "", "");
    }

    String price(long groupId) {
        return prices.getOrDefault(groupId, "");
    }

    boolean isEmpty() {
        return from.isBlank() && starts.isBlank() && ends.isBlank() && hasNoPrice();
    }

    boolean hasNoPrice() {
        return prices.values().stream().allMatch(String::isBlank);
    }
}
