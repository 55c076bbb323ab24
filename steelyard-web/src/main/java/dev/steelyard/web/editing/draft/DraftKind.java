package dev.steelyard.web.editing.draft;

import dev.steelyard.web.base.page.NotThere;
import dev.steelyard.web.shop.history.ChangeSubject;
import java.util.Arrays;

/** What is kept as drafts, versions and releases. */
public enum DraftKind {
    CARD("card", "cards", ChangeSubject.CARD, ChangeSubject.ORDER),
    DEAL("deal", "deals", ChangeSubject.DEAL, ChangeSubject.DEAL_ORDER),
    /** The own prices of a product; a draft of them has the product's number. */
    ROWS("product", "goods", ChangeSubject.ROWS, ChangeSubject.GOODS);

    private final String word;
    private final String where;
    private final ChangeSubject one;
    private final ChangeSubject order;

    DraftKind(String word, String where, ChangeSubject one, ChangeSubject order) {
        this.word = word;
        this.where = where;
        this.one = one;
        this.order = order;
    }

    /** The word for one, in sentences. */
    public String word() {
        return word;
    }

    /** Where all of the kind stand in addresses: “cards”. */
    public String where() {
        return where;
    }

    /** What a change of one is about. */
    public ChangeSubject subject() {
        return one;
    }

    /**
     * The kind whose pages stand at a place.
     *
     * @param where “cards”, “deals” or “goods”
     * @throws IllegalArgumentException for any other
     */
    public static DraftKind at(String where) {
        return Arrays.stream(values())
                .filter(kind -> kind.where.equals(where))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("No kind is at " + where));
    }

    /** Says that there is none with a number. */
    public NotThere missing(long id) {
        return new NotThere("There is no " + (this == CARD ? "rate card" : word) + " with the number " + id + ".");
    }

    /** Whether one of the kind can be made to price nothing for a while. */
    public boolean pauses() {
        return this != ROWS;
    }

    /** What a change of their order is about. */
    ChangeSubject order() {
        return order;
    }
}
