package dev.steelyard.web.editing.draft;

import java.time.Instant;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A kind of which what counts stands in tables of its own, where others write it too: a product's own prices, which sheets
 * change as well. A draft of it has the number of what it is about.
 */
public interface CountsElsewhere {

    DraftKind kind();

    /** As it counts now; none where there is nothing of that number. */
    Optional<Now> now(long id);

    /**
     * Makes a version what counts, in the caller's transaction, which holds the shop.
     *
     * @return as it counts then, written as {@link #now} writes it
     * @throws Unfit where the version cannot count, in words
     */
    DraftDocument put(long id, DraftDocument version, String why, String by) throws Unfit;

    /**
     * What counts.
     *
     * @param removedAt since when it is taken away; none while it is there
     */
    record Now(DraftDocument document, Instant changedAt, String changedBy, @Nullable Instant removedAt) {}

    /** A version that cannot count any more: goods or groups in it are gone. */
    final class Unfit extends Exception {

        private static final long serialVersionUID = 1L;

        public Unfit(String words) {
            super(words);
        }
    }
}
