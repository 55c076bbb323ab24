package dev.steelyard.web.editing.draft;

/** What became of a change: kept, or not written since somebody else had changed the card meanwhile. */
public sealed interface KeepResult {

    /** It is kept; the entry is as it now stands. */
    record Kept(Draft entry) implements KeepResult {}

    /** Nothing was written; the entry is as somebody else left it. */
    record ChangedMeanwhile(Draft entry) implements KeepResult {}
}
