package dev.steelyard.core.said;

import java.util.List;

/** The steps of a reckoning: what each is, and how it came about. */
public enum Told implements Code {
    // what a step is
    SHELF_PRICE(),
    AMOUNT(),
    WITH_WASTE(),
    ROUNDED_UP(),
    SMALLEST_BILLABLE(),
    PIECE_PRICE(),
    PIECE_PRICE_FROM("from"),
    FROM_TO("from", "until"),
    PRICE_GRID(),
    PACK(),
    OWN_AMOUNT(),
    WITH_BASE_CHARGE(),
    BASE_CHARGE(),
    BREAKS(),
    CHARGE("choice", "option"),
    WITH_CHARGE("choice", "option"),
    WITH_CHOICES(),
    PRICE_OF_ONE(),
    SLICE(),
    LOT(),
    PIECES(),
    WITH_SET_UP(),
    MINIMUM(),
    LINE(),
    // how it came about
    NAMED("case", "name"),
    WORKED("case", "worked"),
    WASTE("measured", "percent"),
    UP_TO_NEXT("before", "step"),
    NOT_AMOUNT("amount"),
    TIMES_RATE("case", "amount", "price", "unit"),
    WORKED_TIMES_RATE("worked", "amount", "price", "unit"),
    ALL_SLICES(),
    NEXT_SIZE_UP("case", "column", "width", "row", "height"),
    PLUS_MONEY("money"),
    TIMES("count", "price"),
    TIMES_WORKED_RATE("count", "worked", "amount", "price", "unit"),
    PERCENT_OF("percent", "of"),
    FOR_EACH_PIECE(),
    ONCE(),
    PIECE_AND_CHOICES(),
    EXACTLY("price"),
    BETWEEN_AMOUNTS("from", "until", "rate"),
    SLICES_WITH_CHARGES(),
    ADDED_UP("parts"),
    AS_MUCH_AS("pieces"),
    THE_LOT(),
    LOT_AND_CHARGES(),
    LOT_AND_FURTHER("count", "price"),
    WITH_CHARGE_OF("choice", "option", "money"),
    WITH_SET_UP_OF("money"),
    MINIMUM_CHARGE(),
    REACHED("reaching", "gives"),
    // which break is reached
    PIECES_REACH("pieces", "from", "group", "since", "until"),
    PIECES_TOGETHER_REACH("here", "more", "pieces", "from", "group", "since", "until"),
    AMOUNT_REACHES("amount", "from", "group", "since", "until"),
    PIECES_FROM_TO("first", "last"),
    // what it gives
    PRICE_PER("price", "unit"),
    PERCENT_OFF("percent"),
    OFF_EACH("money"),
    AT_PRICE("price"),
    AT_PERCENT_OFF("percent"),
    AT_MONEY_OFF("money"),
    // which case it is
    AS_CONDITION("condition"),
    IN_ALL_OTHER_CASES(),
    // what was answered
    ANSWERED("label", "answer"),
    PACK_PICKED("pack"),
    VARIANTS("named"),
    SO_MANY("count", "name"),
    // why a card is passed over
    OTHER_CUSTOMER(),
    OTHER_COUNTRY(),
    NOT_YET(),
    NO_LONGER(),
    NOT_NOW(),
    PAUSED(),
    // how a step was rounded
    ROUNDING_AMOUNT(),
    ROUNDING_PIECE(),
    ROUNDING_LINE();

    private final List<String> parts;

    Told(String... parts) {
        this.parts = List.of(parts);
    }

    @Override
    public String list() {
        return "told";
    }

    @Override
    public List<String> parts() {
        return parts;
    }
}
