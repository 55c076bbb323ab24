package dev.steelyard.web.selling.shown;

import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.words.Words;
import java.math.BigDecimal;
import java.math.RoundingMode;
import org.jspecify.annotations.Nullable;

/**
 * What an order costs less than its pieces would without a break.
 *
 * @param full what they would cost
 * @param inAll how much less it is; 0 for nothing
 */
record Saving(BigDecimal full, BigDecimal inAll, long pieces) {

    static final Saving NONE = new Saving(BigDecimal.ONE, BigDecimal.ZERO, 1);

    /**
     * The saving of a line.
     *
     * @param first what a piece costs without a break, exact; none where that cannot be told
     */
    static Saving of(@Nullable BigDecimal first, @Nullable PricedLine line, int minor) {
        if (first == null || line == null || first.signum() == 0) {
            return NONE;
        }
        BigDecimal full = first.multiply(BigDecimal.valueOf(line.quantity())).setScale(minor, RoundingMode.HALF_UP);
        return new Saving(full, full.subtract(line.total().value()).max(BigDecimal.ZERO), line.quantity());
    }

    boolean some() {
        return inAll.signum() > 0;
    }

    /** “16.7 %”. */
    String percent(Words words) {
        return words.percent(inAll, full);
    }

    BigDecimal each(int decimals) {
        return inAll.divide(BigDecimal.valueOf(pieces), decimals, RoundingMode.HALF_UP);
    }

    /** The one of two that saves more for its size. */
    Saving more(Saving other) {
        return inAll.multiply(other.full).compareTo(other.inAll.multiply(full)) >= 0 ? this : other;
    }
}
