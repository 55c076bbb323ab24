package dev.steelyard.core.sheet;

/** A column of a price sheet, with the word at its head. */
public enum Column {
    SKU("sku"),
    /** The name of the goods; for reading. */
    PRODUCT("product"),
    GROUP("group"),
    /** {@value #SHELF_PRICE} or {@value #ROW}. */
    WHAT("what"),
    FROM("from"),
    /** Worked out from the next threshold; for reading. */
    TO("to"),
    PRICE("price"),
    STARTS("valid from"),
    /** The day before which it ends. */
    ENDS("valid until"),
    CURRENCY("currency"),
    /** Says which row of the shop it is, and how that stood when the sheet was taken out. */
    KEY("key"),
    ACTION("action");

    public static final String SHELF_PRICE = "shelf price";
    public static final String ROW = "row";

    private final String head;

    Column(String head) {
        this.head = head;
    }

    public String head() {
        return head;
    }
}
