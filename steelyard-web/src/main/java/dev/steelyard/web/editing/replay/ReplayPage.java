package dev.steelyard.web.editing.replay;

import dev.steelyard.web.editing.draft.DraftKind;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A draft held against what was sold, as shown.
 *
 * @param run the one that is looked at; none where none is
 * @param runs those that are kept, the latest first
 */
record ReplayPage(
        DraftKind kind,
        long id,
        String name,
        List<TriedFigures.Place> figures,
        List<Version> versions,
        @Nullable Run run,
        List<Kept> runs) {

    public String base() {
        return "/" + kind.where() + "/" + id;
    }

    /** A version that was live, to be tried beside the draft. */
    public record Version(long number, String words) {}

    /** One that is kept. */
    public record Kept(long id, String words, String state) {}

    /**
     * One that is looked at.
     *
     * @param state in a word
     * @param tried the names of what was tried, the columns
     * @param rows of the table of all
     * @param at which of them the tables below are of
     */
    public record Run(
            long id,
            String words,
            String state,
            boolean running,
            int percent,
            String problem,
            List<String> tried,
            List<Row> rows,
            int at,
            List<Parts> parts,
            List<Order> orders,
            List<Order> refused,
            List<String> notes,
            boolean stale) {}

    /** @param help what it is, shortly; empty for nothing */
    public record Row(String name, String help, List<String> values) {}

    /** Lines told apart by something. */
    public record Parts(String code, String of, List<Part> parts, boolean margins) {}

    public record Part(
            String name,
            String now,
            String other,
            String difference,
            String linesNow,
            String linesOther,
            String marginNow,
            String marginOther) {}

    /** An order under both. */
    public record Order(String number, String now, String other, String difference) {}
}
