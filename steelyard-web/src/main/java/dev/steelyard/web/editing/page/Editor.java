package dev.steelyard.web.editing.page;

import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.trial.Subject;
import dev.steelyard.web.editing.trial.Weights;
import dev.steelyard.web.editing.words.SentencePart;
import dev.steelyard.web.sold.under.Hanging;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.MissingNode;

/** What is particular of one kind of draft on its page; all else is alike for all of them. */
public interface Editor {

    DraftKind kind();

    /** The step that a page opens at where none is asked for. */
    EditStep opensAt(Draft entry);

    /** The step of a code; the first where there is none. */
    EditStep step(String code, Draft entry);

    Wishes wishes();

    /** The form, with what a wish takes to the trial before anything is read: a check weight that is to be tried becomes it. */
    default EditForm tried(EditForm form, Draft entry) {
        JsonNode weight = form.value("do").equals("try-weight")
                ? entry.document().weights().path(form.number("row"))
                : MissingNode.getInstance();
        return weight.isObject() ? form.trying(Weights.trial(weight).fields()) : form;
    }

    /** What is typed, put into the draft that the form was made from. */
    default DraftDocument typed(EditForm form, DraftDocument base) {
        return form.onto(base);
    }

    /** What is meant by what is typed, where names in it have changed; the document typed, or another one. */
    default DraftDocument meant(DraftDocument base, DraftDocument typed) {
        return typed;
    }

    /** Takes away what an edit has left behind. */
    default void tidy(DraftDocument document) {}

    /** What is shown. */
    Shown show(Showing showing, Subject subject);

    /** The draft in the open format; one that cannot be read whole, as it was typed. */
    String write(DraftDocument document);

    /**
     * What is to be shown.
     *
     * @param entry the draft as it is kept
     * @param kept the version that the form was made from
     * @param typed with what is typed
     * @param meant with names that follow what is typed
     */
    record Showing(Draft entry, DraftDocument kept, DraftDocument typed, DraftDocument meant, EditForm form) {

        /** A draft as it is kept. */
        static Showing kept(Draft entry, EditForm form) {
            return new Showing(entry, entry.document(), entry.document(), entry.document(), form);
        }
    }

    /**
     * What a page shows beside what all pages show.
     *
     * @param summaries of each step, in order
     * @param view what the templates of the kind call {@code page}
     * @param hanging the beam that what was sold is drawn under; none where there is none
     */
    record Shown(
            List<? extends EditStep> steps,
            Map<String, String> summaries,
            List<SentencePart> sentence,
            DraftFields fields,
            Object view,
            @Nullable Hanging hanging) {}
}
