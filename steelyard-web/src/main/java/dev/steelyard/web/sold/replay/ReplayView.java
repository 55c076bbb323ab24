package dev.steelyard.web.sold.replay;

import java.util.List;

/**
 * A replay as shown.
 *
 * @param state in a word
 * @param tried the names of what was tried, the columns
 * @param rows of the table of all
 * @param at which of them the tables below are of
 */
public record ReplayView(
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
        boolean stale) {

    /** One that is kept. */
    public record Kept(long id, String words, String state) {}

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
