package dev.steelyard.core.said;

import java.util.List;

/** What findings say, with the figures that show it. */
public enum FindingSays implements Code {
    /** A finding as a whole: from which day, of whose prices, what. */
    FOUND("since", "group", "what"),
    // breaks
    LARGER_CHEAPER("pieces", "total", "more", "moreTotal", "cheaper"),
    LARGER_CHEAPER_THAN_MANY("first", "firstTotal", "last", "lastTotal", "more", "moreTotal", "cheaper"),
    CHANGES_NOTHING("name", "from", "lot", "price"),
    SAME_AS_BEFORE("from", "price", "before"),
    RISES("name", "from", "price", "before"),
    ABOVE_ONE_LINE("from", "pieces"),
    ABOVE_LARGEST_AMOUNT("from", "largest"),
    LOOKS_LIKE_PRICE("from", "percent"),
    LOOKS_LIKE_PERCENT("from", "price", "shelfPrice"),
    NO_PRICE_BEYOND("pieces"),
    GROUP_PAYS_MORE("group", "price", "from", "everyone"),
    GROUP_PAYS_MORE_FOR("group", "total", "input", "everyone"),
    // cost
    BELOW_COST("what", "price", "cost"),
    BELOW_COST_NET("what", "price", "without", "cost"),
    MARGIN_TOO_SMALL("what", "price", "leaves", "cost", "least"),
    MARGIN_TOO_SMALL_NET("what", "price", "without", "leaves", "cost", "least"),
    AT_SHELF_PRICE(),
    AT_FROM("from"),
    AT_INPUT("input"),
    AT_PIECES("pieces", "name"),
    // the card as written
    CELL_DEARER("width", "height", "price", "other", "column"),
    WIDER_THAN_GRID("label", "most", "last"),
    PACK_DEARER("pack", "price", "unit", "smaller", "other"),
    BARE_NUMBERS(),
    TYPED_IN_DIFFERENT_UNITS("first", "firstUnit", "second", "secondUnit"),
    RATE_IN_OTHER_UNIT("rate", "per", "label", "unit", "times", "small"),
    CHECK_WEIGHT("name", "was", "is", "refused"),
    // inputs tried
    AN_INPUT("pieces", "pack", "answers", "group"),
    ANSWERED("label", "answer"),
    INPUT_REFUSED("input", "why", "more", "tried"),
    INPUT_COSTS_NOTHING("input", "more", "tried"),
    INPUT_BESIDE("what", "more", "tried"),
    INPUT_TOO_DEAR("input", "price", "shelfPrice", "usual", "more", "tried"),
    LARGER_MEASURE_CHEAPER("label", "less", "total", "more", "moreTotal", "input"),
    CASE_NOT_USED("number", "tried", "last"),
    NOT_SHOWN("label", "tried"),
    // beside others
    NO_PRODUCT_COVERED(),
    NEVER_WINS("other", "products"),
    COMES_BEFORE("other", "products"),
    // deals
    OVER_SINCE("day"),
    FOR_NOBODY(),
    NOBODY_PAYS_BY("payment", "payments"),
    CODE_TOO_SHORT("code", "characters", "better"),
    CODE_ONLY_DIGITS("code"),
    CODE_FEW_CHARACTERS("code", "characters"),
    CODE_COMMON("code", "word"),
    NOTHING_MEANT(),
    ROW_CHANGES_NOTHING("from"),
    ROW_GIVES_LESS("from", "before"),
    SPENDING_MORE_COSTS_LESS("less", "costs", "more", "moreCosts"),
    BEATEN("other"),
    BOTH_ADD_UP("other", "products"),
    LARGER_IS_USED("other", "products"),
    DEAL_GIVES_AWAY("pieces", "name", "total");

    private final List<String> parts;

    FindingSays(String... parts) {
        this.parts = List.of(parts);
    }

    @Override
    public String list() {
        return "finding";
    }

    @Override
    public List<String> parts() {
        return parts;
    }
}
