package dev.steelyard.web.editing.live;

import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.trial.Subject;
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

    /** Two versions beside each other. */
    Comparison compared(Draft entry, DraftDocument before, DraftDocument after, Subject subject);
}
