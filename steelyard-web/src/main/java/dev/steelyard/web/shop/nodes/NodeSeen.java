package dev.steelyard.web.shop.nodes;

import java.time.Duration;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A node, as it told of itself last.
 *
 * @param id its machine and port
 * @param revision of the prices it has in force; none before it has any
 * @param silent how long it has not told
 * @param storedAt the database it is connected to
 * @param clockAhead of the database's; negative where it is behind
 */
record NodeSeen(
        String id,
        String version,
        @Nullable Long revision,
        Instant startedAt,
        Duration silent,
        String storedAt,
        Duration clockAhead) {

    /** Several beats. */
    private static final Duration GONE = Duration.ofSeconds(20);

    /** From which on times of what one node writes and another reads are odd. */
    private static final Duration ODD = Duration.ofSeconds(2);

    boolean isThere() {
        return silent.compareTo(GONE) < 0;
    }

    boolean isClockOdd() {
        return clockAhead.abs().compareTo(ODD) > 0;
    }

    /** {@code 61 s ahead of the database’s}. */
    String clockWords() {
        return isClockOdd()
                ? clockAhead.abs().toSeconds() + " s " + (clockAhead.isNegative() ? "behind" : "ahead of")
                        + " the database’s"
                : "as the database’s";
    }

    /** {@code just now}, {@code 3 min ago}. */
    String seenWords() {
        if (isThere()) {
            return "just now";
        }
        long minutes = silent.toMinutes();
        return minutes < 1
                ? silent.toSeconds() + " s ago"
                : minutes < 120 ? minutes + " min ago" : silent.toHours() + " h ago";
    }
}
