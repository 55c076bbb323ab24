package dev.steelyard.web.editing.page;

import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.draft.Merge;
import dev.steelyard.web.editing.draft.Notice;
import dev.steelyard.web.editing.words.DocumentChanges;
import dev.steelyard.web.editing.words.PlaceWords;
import java.util.List;

/** What is said where two people change one draft. */
final class Meanwhile {

    private Meanwhile() {}

    /** Both changed the same places: nothing is kept until they are picked. */
    static Notice touch(
            DraftKind kind,
            Draft theirs,
            DraftDocument base,
            DraftDocument typed,
            EditForm form,
            List<Merge.Conflict> conflicts) {
        return new Notice(
                theirs.changedBy() + " has changed this " + kind.word() + " meanwhile, and "
                        + (conflicts.size() == 1 ? "one place" : conflicts.size() + " places")
                        + " that you changed too. Nothing of yours is lost, and nothing is kept yet: pick what is to stand.",
                true,
                DocumentChanges.between(base, theirs.document()),
                DocumentChanges.between(base, typed),
                conflicts.stream()
                        .map(one -> new Notice.Place(
                                one.place(),
                                PlaceWords.of(one.place()),
                                DocumentChanges.words(one.base()),
                                DocumentChanges.words(one.theirs()),
                                DocumentChanges.words(one.mine()),
                                form.value("m:" + one.place()).equals("mine")))
                        .toList(),
                true);
    }

    /** Somebody has changed other places; theirs comes in with the next change here. */
    static Notice waits(DraftKind kind, Draft theirs, DraftDocument base, DraftDocument typed, EditForm form) {
        List<Merge.Conflict> conflicts =
                Merge.of(base, theirs.document(), typed, Merge.Picked.NOTHING).conflicts();
        if (!conflicts.isEmpty()) {
            return touch(kind, theirs, base, typed, form, conflicts);
        }
        return new Notice(
                theirs.changedBy() + " has changed this " + kind.word()
                        + " meanwhile, at other places. It comes in with your next change.",
                false,
                DocumentChanges.between(base, theirs.document()),
                List.of(),
                List.of(),
                true);
    }

    /** Both are kept. */
    static Notice both(DraftKind kind, Draft over, DraftDocument base) {
        return Notice.said(
                over.changedBy() + " had changed this " + kind.word()
                        + " meanwhile, at other places. Both are kept. Changed there:",
                DocumentChanges.between(base, over.document()));
    }

    /** What was to be undone is no longer the last change. */
    static Notice notUndone(DraftKind kind, Draft theirs, DraftDocument base) {
        return Notice.said(
                "Nothing was undone: " + theirs.changedBy() + " has changed this " + kind.word()
                        + " since. Changed there:",
                DocumentChanges.between(base, theirs.document()));
    }
}
