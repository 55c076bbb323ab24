package dev.steelyard.core.prepared;

import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/**
 * What a case's way of pricing comes to for one piece.
 *
 * @param billable in base units, with its unit; none where nothing is measured
 * @param rate per unit, where one rate counts for the whole amount
 */
record Priced(BigDecimal price, @Nullable BigDecimal billable, @Nullable Unit unit, @Nullable BigDecimal rate) {

    static Priced unmeasured(BigDecimal price) {
        return new Priced(price, null, null, null);
    }
}
