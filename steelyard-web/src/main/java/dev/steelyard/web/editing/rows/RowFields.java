package dev.steelyard.web.editing.rows;

/** The ids of the page's fields, by which errors, sentence, beam and mends find them. */
final class RowFields {

    static final String SHELF_PRICE = "shelfPrice";
    static final String ROWS = "rows";

    private RowFields() {}

    static String from(int row) {
        return "from-" + row;
    }

    static String price(int row, long groupId) {
        return "price-" + row + "-" + groupId;
    }

    static String starts(int row) {
        return "starts-" + row;
    }

    static String ends(int row) {
        return "ends-" + row;
    }
}
