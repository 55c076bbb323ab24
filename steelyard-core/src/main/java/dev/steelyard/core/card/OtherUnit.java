package dev.steelyard.core.card;

import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/**
 * A unit that a measurement offers beside its own. What is typed in it goes by it: whole numbers are whole in it.
 *
 * @param step counted from 0, in this unit; none for any value
 */
public record OtherUnit(Unit unit, @Nullable BigDecimal step) {

    /** Without a step of its own. */
    public static OtherUnit of(Unit unit) {
        return new OtherUnit(unit, null);
    }
}
