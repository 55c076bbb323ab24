package dev.steelyard.web.editing.page;

import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.draft.Notice;
import dev.steelyard.web.editing.live.Standings;
import dev.steelyard.web.editing.words.SentencePart;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What the page of every draft shows around what is particular of it.
 *
 * @param number the version that the form is made from
 * @param status “changed by Maren”
 * @param merged whether somebody else's changes have come in, so that fields may stand for other places than before
 * @param next the step after the one shown; none at the last
 */
record PageFrame(
        DraftKind kind,
        long id,
        String name,
        long number,
        boolean undo,
        boolean redo,
        String status,
        String changedAt,
        EditStep step,
        List<StepLink> steps,
        @Nullable StepLink next,
        List<SentencePart> sentence,
        DraftFields fields,
        Standings.View standing,
        boolean removed,
        boolean merged,
        @Nullable Notice notice) {

    /** Where all of the kind stand: “cards”. */
    public String where() {
        return kind.where();
    }

    /** The folder of the kind's templates. */
    public String templates() {
        return ofGoods() ? "prices" : where();
    }

    /** Whether it is a product's own prices: they have no name of their own, and a button that puts them live at once. */
    public boolean ofGoods() {
        return kind == DraftKind.ROWS;
    }

    /** “card”. */
    public String one() {
        return kind.word();
    }
}
