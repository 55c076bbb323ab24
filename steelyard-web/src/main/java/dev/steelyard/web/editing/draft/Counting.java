package dev.steelyard.web.editing.draft;

import java.time.ZonedDateTime;
import org.jspecify.annotations.Nullable;

/**
 * A version that counts, now or later.
 *
 * @param id of the card or deal
 * @param number of the edit that it is
 * @param version what it is called
 * @param renamed how often names in it were changed
 * @param text of the version's document
 * @param from when it begins to count, in the shop's time zone; none where it does already
 * @param until when another version takes its place; none where none will
 */
public record Counting(
        long id,
        long number,
        int version,
        int renamed,
        String text,
        @Nullable ZonedDateTime from,
        @Nullable ZonedDateTime until,
        boolean paused) {

    /** What the version says. */
    public DraftDocument document() {
        return DraftDocument.read(text);
    }
}
