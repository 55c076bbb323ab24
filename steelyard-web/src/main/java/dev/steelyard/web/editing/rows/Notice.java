package dev.steelyard.web.editing.rows;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What the page says about the last thing done.
 *
 * @param details one line for each
 */
record Notice(Kind kind, String text, List<String> details, @Nullable Conflict conflict) {

    enum Kind {
        DONE,
        WRONG,
        CONFLICT
    }

    static Notice done(String text, List<String> details) {
        return new Notice(Kind.DONE, text, details, null);
    }

    static Notice wrong(String text) {
        return new Notice(Kind.WRONG, text, List.of(), null);
    }

    static Notice of(Conflict conflict) {
        return new Notice(Kind.CONFLICT, "Not saved: somebody else was quicker.", List.of(), conflict);
    }
}
