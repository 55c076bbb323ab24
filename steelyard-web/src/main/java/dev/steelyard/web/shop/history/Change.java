package dev.steelyard.web.shop.history;

import java.util.Map;

/**
 * Something that was changed.
 *
 * @param id of the card or product
 * @param name what it was called then
 * @param before names and figures as they were; for a card or deal the number of its edit, under {@link #EDIT}
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

    /** The name under which the number of a card's edit stands. */
    public static final String EDIT = "version";

    /** The name under which what the version is called stands, of one that went live or was planned. */
    public static final String VERSION = "called";

    public Change {
        before = Map.copyOf(before);
        after = Map.copyOf(after);
    }

    /**
     * A change from one edit of a card or deal to another.
     *
     * @param called what the version is called that it is about; 0 for edits that are none
     */
    public static Change ofVersion(
            ChangeSubject subject, long id, String name, What what, String why, long before, long after, int called) {
        return new Change(
                subject,
                id,
                name,
                what,
                why,
                before == 0 ? Map.of() : Map.of(EDIT, "" + before),
                called == 0 ? Map.of(EDIT, "" + after) : Map.of(EDIT, "" + after, VERSION, "" + called));
    }
}
