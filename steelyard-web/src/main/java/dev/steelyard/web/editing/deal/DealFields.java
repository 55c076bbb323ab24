package dev.steelyard.web.editing.deal;

import dev.steelyard.format.FormatIssue;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.DraftFields;
import java.util.List;

/** A deal as its page's templates read it. */
final class DealFields extends DraftFields {

    DealFields(DraftDocument document, List<FormatIssue> issues, String currency) {
        super(document, issues, currency);
    }

    /** How many things are wrong on a step. */
    public long count(DealStep step) {
        return wrongAt(step::has);
    }

    /** What is wrong on a step that no field has said. */
    public List<FormatIssue> unsaid(DealStep step) {
        return unsaidAt(step::has);
    }
}
