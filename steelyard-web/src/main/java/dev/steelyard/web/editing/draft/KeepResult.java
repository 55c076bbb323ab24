package dev.steelyard.web.editing.draft;

import java.util.List;
import org.jspecify.annotations.Nullable;

/** What became of a change: kept, or not written since somebody else had changed the draft meanwhile. */
public sealed interface KeepResult {

    /**
     * It is kept; the entry is as it now stands.
     *
     * @param over what somebody else had left, over which it was put; none where nobody had changed anything
     */
    record Kept(Draft entry, @Nullable Draft over) implements KeepResult {}

    /**
     * Nothing was written.
     *
     * @param entry as somebody else left it
     * @param conflicts the places that both changed; none where it could not be put together for another reason
     */
    record ChangedMeanwhile(Draft entry, List<Merge.Conflict> conflicts) implements KeepResult {}
}
