package dev.steelyard.web.shop.history;

import java.util.Map;

/**
 * Something that was changed.
 *
 * @param id of the card or product
 * @param name what it was called then
 * @param before names and figures as they were; for a card or deal the number of its version, under {@link #VERSION}
 * @param after the same as they became
 */
public record Change(
        ChangeSubject subject,
        long id,
        String name,
        What what,
        String why,
        Map<String, String> before,
        Map<String, String> after) {

    /** The name under which the address of somebody who signed in stands. */
    public static final String FROM = "from";

    /** The name under which the number of a card's version stands. */
    public static final String VERSION = "version";

    public Change {
        before = Map.copyOf(before);
        after = Map.copyOf(after);
    }

    /** A change from one version of a card or deal to another. */
    public static Change ofVersion(
            ChangeSubject subject, long id, String name, What what, String why, long before, long after) {
        return new Change(
                subject,
                id,
                name,
                what,
                why,
                before == 0 ? Map.of() : Map.of(VERSION, "" + before),
                Map.of(VERSION, "" + after));
    }
}
