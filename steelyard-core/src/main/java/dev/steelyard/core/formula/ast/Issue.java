package dev.steelyard.core.formula.ast;

import org.jspecify.annotations.Nullable;

/**
 * Something wrong with a formula.
 *
 * @param span where
 * @param message what, in plain words
 * @param replacement what to put at the place to mend it; none where only the owner can tell
 */
public record Issue(Span span, String message, @Nullable String replacement) {

    /** An issue without a mend. */
    public static Issue at(Span span, String message) {
        return new Issue(span, message, null);
    }

    /** The message under the text with a caret at the place. */
    public String show(String text) {
        return text + "\n" + " ".repeat(span.from()) + "^\n" + message;
    }
}
