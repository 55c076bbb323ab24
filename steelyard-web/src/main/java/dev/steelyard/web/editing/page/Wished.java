package dev.steelyard.web.editing.page;

import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.trial.Subject;

/**
 * What is wished, with what it is about.
 *
 * @param entry the draft as it is kept
 * @param document with what is typed in it already; it is what is to be changed
 */
public record Wished(Draft entry, DraftDocument document, EditForm form, Subject subject) {

    /** The place that is meant. */
    public String at() {
        return form.value("at");
    }

    public String to() {
        return form.value("to");
    }

    public String value() {
        return form.value("value");
    }

    /** A whole number among the parameters; -1 where it is none. */
    public int number(String name) {
        return form.number(name);
    }

    /**
     * The place that is meant, where something is.
     *
     * @throws NotFitting where nothing is there
     */
    public String there() {
        if (!document.has(at())) {
            throw new NotFitting("What this was about is no longer there; somebody may have taken it away");
        }
        return at();
    }

    /**
     * A number among the parameters that must be the place of one of so many.
     *
     * @throws NotFitting where it is none of them
     */
    public int oneOf(String name, int count) {
        int index = number(name);
        if (index < 0 || index >= count) {
            throw new NotFitting("What this was about is no longer there; somebody may have taken it away");
        }
        return index;
    }
}
