package dev.steelyard.web.goods;

/** What became of an edit: saved, or not written since somebody else had changed or removed the goods meanwhile. */
public sealed interface EditResult {

    /** It is stored; the entry is as it now stands. */
    record Saved(GoodsEntry entry) implements EditResult {}

    /** Nothing was written; the entry is as somebody else left it. */
    record ChangedMeanwhile(GoodsEntry entry) implements EditResult {}
}
