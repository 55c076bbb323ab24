package dev.steelyard.format.table;

import java.util.List;

/**
 * What stands at the head of a table that is written.
 *
 * @param columns their heads
 * @param notes what the columns mean, for reading: a name and a sentence each
 */
public record TableHead(List<Column> columns, List<Note> notes) {

    /**
     * A column.
     *
     * @param width in characters
     * @param decimals that numbers are shown with at least; more where they have more
     */
    public record Column(String head, int width, int decimals) {}

    /** A line of explanation. */
    public record Note(String name, String sentence) {}
}
