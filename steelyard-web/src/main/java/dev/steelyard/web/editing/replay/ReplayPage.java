package dev.steelyard.web.editing.replay;

import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.sold.replay.ReplayView;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A draft held against what was sold, as shown.
 *
 * @param run the one that is looked at; none where none is
 * @param runs those that are kept, the latest first
 */
record ReplayPage(
        DraftKind kind,
        long id,
        String name,
        List<TriedFigures.Place> figures,
        List<Version> versions,
        @Nullable ReplayView run,
        List<ReplayView.Kept> runs) {

    public String base() {
        return "/" + kind.where() + "/" + id;
    }

    /** A version that was live, to be tried beside the draft. */
    public record Version(long number, String words) {}
}
