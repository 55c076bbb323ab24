package dev.steelyard.core.ladder;

import java.math.BigDecimal;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** Names one break of a ladder: its threshold without trailing zeros, its group, its days. */
public record BreakKey(BigDecimal from, @Nullable String group, Validity validity) {

    /**
     * Whether two breaks could both be the one at a threshold: same threshold and group, and both undated or both dated
     * with a day in common. A dated beside an undated one is no clash, since the dated one wins.
     */
    boolean clashes(BreakKey other) {
        return from.equals(other.from)
                && Objects.equals(group, other.group)
                && validity.dated() == other.validity.dated()
                && validity.overlaps(other.validity);
    }
}
