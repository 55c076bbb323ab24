package dev.steelyard.web.editing.draft;

import dev.steelyard.web.base.page.NotThere;
import dev.steelyard.web.shop.history.ChangeSubject;
import java.util.Locale;

/** What is kept as drafts, versions and releases. */
public enum DraftKind {
    CARD("card", ChangeSubject.CARD, ChangeSubject.ORDER),
    DEAL("deal", ChangeSubject.DEAL, ChangeSubject.DEAL_ORDER);

    private final String word;
    private final ChangeSubject one;
    private final ChangeSubject order;

    DraftKind(String word, ChangeSubject one, ChangeSubject order) {
        this.word = word;
        this.one = one;
        this.order = order;
    }

    /** The word for one, in sentences; with an s, in addresses. */
    public String word() {
        return word;
    }

    /** Where all of the kind stand: “cards”. */
    public String where() {
        return word + "s";
    }

    /** What a change of one is about. */
    public ChangeSubject subject() {
        return one;
    }

    /**
     * The kind whose pages stand at a place.
     *
     * @param where “cards” or “deals”
     * @throws IllegalArgumentException for any other
     */
    public static DraftKind at(String where) {
        return switch (where) {
            case "cards" -> CARD;
            case "deals" -> DEAL;
            default -> throw new IllegalArgumentException("No kind is at " + where);
        };
    }

    /** Says that there is none with a number. */
    public NotThere missing(long id) {
        return new NotThere("There is no " + one.words().toLowerCase(Locale.ROOT) + " with the number " + id + ".");
    }

    /** What a change of their order is about. */
    ChangeSubject order() {
        return order;
    }
}
