package dev.steelyard.core.said;

import java.util.List;

/** Why a deal counts or does not. */
public enum DealSays implements Code {
    // why not
    CODE_NOT_GIVEN(),
    NO_CODE_OF_LIST(),
    OTHER_PAYMENT("wanted", "picked"),
    BASKET_LACKS("pieces"),
    NO_GOODS(),
    BUY_FIRST("pieces", "of"),
    GET_NEEDED(),
    MORE_NEEDED("more", "from", "of"),
    ONE_OF_A_SET("set", "other"),
    OTHERS_TAKE_MORE("others", "take", "alone"),
    NOTHING_LEFT(),
    // what it went by
    FOR_EVERY("counted", "times", "threshold", "gives", "of"),
    REACHES("counted", "one", "whose", "from", "gives", "of"),
    PAID_BY("payment", "gives", "of"),
    GIVEN("pieces", "name", "price", "gives"),
    // what is counted
    SPENT("money"),
    SO_MANY_PIECES("pieces"),
    SO_MANY_PRODUCTS("products"),
    SO_MANY_KINDS("kinds"),
    FROM("threshold"),
    OVER("threshold"),
    // what it gives
    PERCENT_OFF("percent"),
    PERCENT_ADDED("percent"),
    MONEY_OFF("money"),
    MONEY_ADDED("money"),
    OFF_EACH("money"),
    EACH("money"),
    FREE(),
    // of what
    OF_ONE_PRODUCT(),
    OF_ONE_KIND();

    private final List<String> parts;

    DealSays(String... parts) {
        this.parts = List.of(parts);
    }

    @Override
    public String list() {
        return "deal";
    }

    @Override
    public List<String> parts() {
        return parts;
    }
}
