package dev.steelyard.web.shop.history;

/** What was done. */
public enum What {
    MADE("made"),
    DRAFT("changed the draft of"),
    LIVE("put live"),
    WENT_BACK("went back to an older version of"),
    SCHEDULED("set a start for"),
    WITHDRAWN("took back the start of"),
    PAUSED("paused"),
    RESUMED("resumed"),
    REMOVED("took away"),
    PUT_BACK("put back"),
    PRICES("changed prices of"),
    MOVED("moved in the order"),
    TAX("changed the tax of"),
    APPLIED("applied"),
    UNDONE("took back"),
    GOODS("changed what is said of"),
    LABELLED("labelled"),
    SHOP("changed the settings of"),
    SIGNED_IN("signed in as"),
    NOT_SIGNED_IN("did not get in as");

    private final String words;

    What(String words) {
        this.words = words;
    }

    /** “Maren … boat covers”. */
    public String words() {
        return words;
    }
}
