package dev.steelyard.web.editing.draft;

/** What became of a wish to change what shoppers see. */
public sealed interface ReleaseResult {

    /** It is done. */
    record Done(Standing standing) implements ReleaseResult {}

    /** Somebody else was quicker: the card, its draft or what is live is no longer as the page showed it. */
    record ChangedMeanwhile(String by) implements ReleaseResult {}

    /** Whoever changed it last cannot be the one who puts it live. */
    record SameEyes() implements ReleaseResult {}

    /** It is so already. */
    record AlreadySo() implements ReleaseResult {}
}
