package dev.steelyard.web.editing.draft;

import java.util.List;

/**
 * Something to be said about the last change.
 *
 * @param theirs what somebody else changed meanwhile, in words
 * @param mine what was typed here
 */
public record Notice(String text, boolean wrong, boolean conflict, List<String> theirs, List<String> mine) {

    public static Notice wrong(String text) {
        return new Notice(text, true, false, List.of(), List.of());
    }
}
