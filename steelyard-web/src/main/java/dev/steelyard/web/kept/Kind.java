package dev.steelyard.web.kept;

import dev.steelyard.web.history.Subject;

/** What is kept as drafts, versions and releases. */
public enum Kind {
    CARD(Subject.CARD, Subject.ORDER),
    DEAL(Subject.DEAL, Subject.DEAL_ORDER);

    private final Subject one;
    private final Subject order;

    Kind(Subject one, Subject order) {
        this.one = one;
        this.order = order;
    }

    /** What a change of one is about. */
    public Subject subject() {
        return one;
    }

    /** What a change of their order is about. */
    Subject order() {
        return order;
    }
}
