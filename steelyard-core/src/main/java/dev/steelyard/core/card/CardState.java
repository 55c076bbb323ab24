package dev.steelyard.core.card;

/** Where a card stands between its first draft and its end. */
public enum CardState {
    DRAFT,
    /** Live, but its dates begin later. */
    SCHEDULED,
    LIVE,
    PAUSED,
    ENDED
}
