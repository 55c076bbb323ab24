package dev.steelyard.format.goods;

import dev.steelyard.core.sheet.SheetColumn;
import java.util.List;

/** A column of a goods sheet, with the word at its head. */
public enum GoodsColumn implements SheetColumn {
    SKU(
            "sku",
            "of the product or variant; it cannot be changed by a sheet",
            "article",
            "article no",
            "article number",
            "item",
            "item no",
            "item number",
            "art no"),
    NAME("name", "of the product; a new one needs one", "product", "product name", "item name", "article name"),
    DESCRIPTION("description", "what is said of it at the counter"),
    CATEGORY("category", "the path from the top, like Rope > Braided; several with ; between", "categories"),
    BRAND("brand", "its brand; a new one is made"),
    TYPE("type", "what kind of thing it is, in a word that cards may cover"),
    SUPPLIER("supplier", "whom it is bought from"),
    TAGS("tags", "words with commas between"),
    TAX_CLASS("tax class", "one of the shop’s"),
    SHELF_PRICE(
            "shelf price",
            "of one piece; empty where prices come from cards or rows alone",
            "price",
            "unit price",
            "new price"),
    UNIT_COST("unit cost", "what one piece costs the shop", "cost"),
    DECIMALS("price decimals", "of the price of one piece, 0 to 6; empty for the shop’s"),
    COUNT_OVER("breaks count over", "line, or product: whether its variants are counted together"),
    VARIANT_OF("variant of", "the SKU of the product that the row is a variant of; empty for a product"),
    VARIANT_NAME("variant name", "what tells the variant from the others, like 12 mm"),
    TAKEN_OUT("taken out", "yes where it is sold no longer"),
    ACTION("action", "empty: the goods shall be as written. “keep”: nothing");

    /** In the action column: the row is left out. */
    public static final String KEEP = "keep";

    private final String head;
    private final String meaning;
    private final List<String> others;

    GoodsColumn(String head, String meaning, String... others) {
        this.head = head;
        this.meaning = meaning;
        this.others = List.of(others);
    }

    @Override
    public String head() {
        return head;
    }

    /** What stands in it, in words. */
    public String meaning() {
        return meaning;
    }

    @Override
    public List<String> others() {
        return others;
    }

    @Override
    public Holding holds() {
        return switch (this) {
            case SHELF_PRICE, UNIT_COST -> Holding.MONEY;
            case DECIMALS -> Holding.COUNT;
            default -> Holding.TEXT;
        };
    }

    @Override
    public boolean needed() {
        return this == SKU;
    }

    /** Whether it is said of a product only, never of one of its variants. */
    public boolean isOfProducts() {
        return switch (this) {
            case SKU, SHELF_PRICE, UNIT_COST, VARIANT_OF, VARIANT_NAME, ACTION -> false;
            default -> true;
        };
    }
}
