package dev.steelyard.web.editing.rows;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What the page says about the last thing done.
 *
 * @param details one line for each
 */
record SaveNotice(Kind kind, String text, List<String> details, @Nullable Conflict conflict) {

    enum Kind {
        DONE,
        WRONG,
        CONFLICT
    }

    static SaveNotice done(String text, List<String> details) {
        return new SaveNotice(Kind.DONE, text, details, null);
    }

    static SaveNotice wrong(String text) {
        return new SaveNotice(Kind.WRONG, text, List.of(), null);
    }

    static SaveNotice of(Conflict conflict) {
        return new SaveNotice(Kind.CONFLICT, "Not saved: somebody else was quicker.", List.of(), conflict);
    }
}
