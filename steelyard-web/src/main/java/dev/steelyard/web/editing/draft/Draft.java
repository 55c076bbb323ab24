package dev.steelyard.web.editing.draft;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A card as pages read it: a copy, apart from the database.
 *
 * @param number the version that is the draft
 * @param trial the trial last typed, as JSON
 * @param undo whether there is a version to go back to
 * @param redo whether there is one to go on to
 * @param removedAt since when it is taken away; none while it is there
 */
public record Draft(
        long id,
        String name,
        int position,
        long number,
        DraftDocument document,
        String trial,
        boolean undo,
        boolean redo,
        Instant changedAt,
        String changedBy,
        @Nullable Instant removedAt) {

    /** The same for an editor who still has an older version before them. */
    public Draft withNumber(long older) {
        return new Draft(id, name, position, older, document, trial, undo, redo, changedAt, changedBy, removedAt);
    }
}
