package dev.steelyard.web.editing.draft;

import java.util.List;
import java.util.stream.Stream;

/**
 * Something to be said about the last change.
 *
 * @param theirs what somebody else changed meanwhile, in words
 * @param mine what was typed here
 * @param conflicts the places that both changed
 * @param waits whether theirs is not on the page yet
 */
public record Notice(
        String text, boolean wrong, List<String> theirs, List<String> mine, List<Place> conflicts, boolean waits) {

    /**
     * A place that both changed.
     *
     * @param at the place
     * @param words what it is called
     * @param takesMine whether mine is marked to be taken
     */
    public record Place(String at, String words, String was, String theirs, String mine, boolean takesMine) {}

    public static Notice wrong(String text) {
        return new Notice(text, true, List.of(), List.of(), List.of(), false);
    }

    /** Something that asks nobody for anything. */
    public static Notice said(String text, List<String> theirs) {
        return new Notice(text, false, theirs, List.of(), List.of(), false);
    }

    /** Both, this one first. */
    public Notice with(Notice other) {
        return new Notice(
                text + " " + other.text,
                wrong || other.wrong,
                Stream.concat(theirs.stream(), other.theirs.stream()).toList(),
                mine,
                conflicts,
                waits);
    }
}
