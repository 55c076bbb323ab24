package dev.steelyard.core.prepared;

import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One piece of a line, priced by its case before any break.
 *
 * @param caseIndex which case, counted from 0
 * @param price by the case, exact, without the base charge; 0 where lots have the whole price
 * @param base charge per piece, 0 for none
 * @param billable in base units; none where nothing is measured
 * @param unit of the billable amount; none where nothing is measured
 * @param rate per unit, where one rate counts for the whole amount; none for anything else
 * @param charges of the options picked, as listed
 */
public record Piece(
        int caseIndex,
        BigDecimal price,
        BigDecimal base,
        @Nullable BigDecimal billable,
        @Nullable Unit unit,
        @Nullable BigDecimal rate,
        List<AppliedCharge> charges) {

    /** The piece price before breaks: by the case, with the base charge. */
    public BigDecimal withBase() {
        return base.signum() == 0 ? price : price.add(base, Decimals.EXACT);
    }
}
