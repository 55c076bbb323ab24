package dev.steelyard.core.card;

/** Why a card that covers the goods does not price a line. */
public enum PassedOverFor {
    CUSTOMER("not this customer"),
    COUNTRY("not this country"),
    NOT_YET("not yet"),
    NO_LONGER("no longer"),
    /** Another day of the week or time of day. */
    NOT_NOW("not at this time"),
    PAUSED("paused");

    private final String words;

    PassedOverFor(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
