package dev.steelyard.web.cards.store;

/** What became of a change: kept, or not written since somebody else had changed the card meanwhile. */
public sealed interface KeepResult {

    /** It is kept; the entry is as it now stands. */
    record Kept(CardEntry entry) implements KeepResult {}

    /** Nothing was written; the entry is as somebody else left it. */
    record ChangedMeanwhile(CardEntry entry) implements KeepResult {}
}
