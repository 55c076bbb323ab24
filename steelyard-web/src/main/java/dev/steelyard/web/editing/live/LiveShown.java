package dev.steelyard.web.editing.live;

import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.trial.Subject;

/** What is particular of one kind where a draft becomes what shoppers see. */
public interface LiveShown {

    DraftKind kind();

    /** What stands between a version and the shoppers. */
    Gate gate(Draft entry, DraftDocument version, Subject subject);

    /** Two versions beside each other. */
    Comparison compared(Draft entry, DraftDocument before, DraftDocument after, Subject subject);
}
