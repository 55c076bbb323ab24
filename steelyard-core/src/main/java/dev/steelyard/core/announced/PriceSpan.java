package dev.steelyard.core.announced;

import java.math.BigDecimal;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A stretch of time in which one price was announced.
 *
 * @param until exclusive; none while it still is
 */
public record PriceSpan(BigDecimal price, Instant from, @Nullable Instant until) {

    /** Whether it was announced at any moment of a stretch. */
    boolean meets(Instant start, Instant end) {
        return from.isBefore(end) && (until == null || until.isAfter(start));
    }
}
