package dev.steelyard.core.said;

import java.util.List;

/** Why there is no price. */
public enum Refusal implements Code {
    // answers
    ANSWER_MISSING("label", "allowed"),
    NOT_A_NUMBER("label", "typed"),
    NUMBER_EMPTY("label"),
    NUMBER_COMMA("label", "typed", "meant"),
    NUMBER_EITHER("label", "typed", "one", "other"),
    NUMBER_WITH_CURRENCY("label", "typed"),
    TOO_MANY_DIGITS("label", "most"),
    UNIT_UNKNOWN("label", "typed", "allowed"),
    UNIT_OF_OTHER_KIND("label", "kind", "unit", "other"),
    TOO_SMALL("label", "given", "allowed"),
    TOO_LARGE("label", "given", "allowed"),
    DOES_NOT_FIT("label", "given", "allowed", "nearest"),
    /** In the owner's own words. */
    OWN_WORDS("words"),
    CHOICE_MISSING("label", "options"),
    OPTION_UNKNOWN("label", "typed", "options"),
    NOT_ASKED("name"),
    NOT_ASKED_WITH_PACK("label"),
    PACK_UNKNOWN("typed", "packs"),
    PACK_MISSING("packs"),
    // what they come to
    AMOUNT_NEGATIVE("amount"),
    BEYOND_GRID("column", "width", "row", "height"),
    SIZE_NOT_MADE("column", "width", "row", "height"),
    NO_SHELF_PRICE("formula"),
    PART_NOT_ASKED("part", "formula"),
    DIVIDES_BY_ZERO("part"),
    ROOT_OF_NEGATIVE("part"),
    BECOMES_TOO_LARGE("part"),
    EXPONENT("part"),
    DIGITS("part"),
    // the goods
    SKU_UNKNOWN("sku"),
    SOLD_BY_VARIANTS("product", "variants"),
    NO_PRICE_YET("item"),
    NOT_SOLD_NOW("item"),
    PIECE_NEGATIVE("price"),
    ONE_PIECE_NEGATIVE("price"),
    LINE_NEGATIVE("total"),
    LINE_TOO_LARGE(),
    // the quantity
    QUANTITY_MISSING(),
    QUANTITY_NO_NUMBER("typed"),
    QUANTITY_EITHER("typed", "one", "other"),
    QUANTITY_NOT_WHOLE("given"),
    QUANTITY_TOO_FEW("given", "least"),
    QUANTITY_TOO_MANY("given", "most"),
    QUANTITY_NOT_ALLOWED("pieces", "least", "most"),
    ORDER_QUANTITY("pieces", "sold", "nearest"),
    SOLD_FROM_PIECES("pieces"),
    SOLD_FROM_AMOUNT("amount"),
    BELOW_SMALLEST_LOT("pieces", "least"),
    BEYOND_LAST_LOT("most"),
    // the basket
    BASKET_TOO_LARGE("total"),
    BASKET_TOO_LARGE_WITH_DEAL("deal", "total"),
    BASKET_TOO_LARGE_WITH_TAX("total"),
    COUNTRY_MISSING(),
    NO_TAX_RATE("item", "country", "taxClass"),
    // what can be ordered
    BETWEEN("least", "most", "step", "whole"),
    ANY_NUMBER("unit", "step", "whole"),
    WHOLE_NUMBERS(),
    AT_LEAST("pieces"),
    AT_MOST("pieces"),
    IN_MULTIPLES("pieces"),
    // when it is tried
    TOTAL_NEGATIVE("typed"),
    NO_DAY("typed"),
    NO_TIME("typed");

    private final List<String> parts;

    Refusal(String... parts) {
        this.parts = List.of(parts);
    }

    @Override
    public String list() {
        return "refusal";
    }

    @Override
    public List<String> parts() {
        return parts;
    }
}
