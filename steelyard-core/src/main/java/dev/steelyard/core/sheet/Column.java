package dev.steelyard.core.sheet;

import java.util.List;

/** A column of a price sheet, with the word at its head. */
public enum Column implements SheetColumn {
    SKU("sku", "article", "article no", "article number", "item", "item no", "item number", "art no"),
    /** The name of the goods; for reading. */
    PRODUCT("product", "product name", "name", "item name", "article name", "description"),
    GROUP("group", "cust group", "customer group", "customers", "price group"),
    /** {@value #SHELF_PRICE} or {@value #ROW}. */
    WHAT("what"),
    FROM("from", "from qty", "from quantity", "from pieces", "min qty", "min quantity", "minimum quantity", "qty from"),
    /** Worked out from the next threshold; for reading. */
    TO("to", "to qty", "to quantity", "to pieces", "max qty", "max quantity", "maximum quantity", "qty to"),
    PRICE("price", "unit price", "price each", "new price"),
    STARTS("valid from", "starts", "start date", "from date"),
    /** The last day on which it holds, that day included. */
    ENDS("last day", "ends", "until", "end date", "up to and including", "valid through"),
    CURRENCY("currency"),
    /** Says which row of the shop it is, and how that stood when the sheet was taken out. */
    KEY("key"),
    ACTION("action");

    public static final String SHELF_PRICE = "shelf price";
    public static final String ROW = "row";

    private final String head;
    private final List<String> others;

    Column(String head, String... others) {
        this.head = head;
        this.others = List.of(others);
    }

    @Override
    public List<String> others() {
        return others;
    }

    @Override
    public Holding holds() {
        return switch (this) {
            case FROM, TO -> Holding.COUNT;
            case PRICE -> Holding.MONEY;
            case STARTS, ENDS -> Holding.DAY;
            default -> Holding.TEXT;
        };
    }

    @Override
    public boolean needed() {
        return this == SKU || this == PRICE;
    }

    @Override
    public String head() {
        return head;
    }
}
