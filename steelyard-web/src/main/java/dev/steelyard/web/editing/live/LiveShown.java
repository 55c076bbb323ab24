package dev.steelyard.web.editing.live;

import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.trial.Subject;
import dev.steelyard.web.sold.replay.Tried;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What is particular of one kind where a draft becomes what shoppers see. */
public interface LiveShown {

    DraftKind kind();

    /** What stands between a version and the shoppers. */
    Gate gate(Draft entry, DraftDocument version, Subject subject);

    /** For whom a version changes what they pay; none where that is not told. */
    default @Nullable Reach reach(Draft entry, DraftDocument version, Subject subject) {
        return null;
    }

    /**
     * What orders would be priced by, were a version live; none where it cannot be read.
     *
     * @param label what tells it from others beside it
     */
    Optional<Tried> tried(Draft entry, DraftDocument version, String label, Subject subject);

    /** Two versions beside each other. */
    Comparison compared(Draft entry, DraftDocument before, DraftDocument after, Subject subject);
}
