package dev.steelyard.core.prepared;

import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.number.Packed;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/** The limits and the step of a measurement in 64 bits, for typed values as short as they mostly are. */
record ShortLimits(long least, long most, long step, boolean stepped, boolean whole) {

    static ShortLimits of(Measurement ask) {
        return new ShortLimits(
                packed(ask.least()), packed(ask.most()), packed(ask.step()), ask.step() != null, ask.whole());
    }

    private static long packed(@Nullable BigDecimal value) {
        return value == null ? Packed.NONE : Packed.of(value);
    }

    /** Whether a value is surely allowed; where this says no, it may be all the same. */
    boolean allows(BigDecimal value) {
        long packed = Packed.of(value);
        int low = Packed.compare(packed, least);
        int high = Packed.compare(packed, most);
        return low != Packed.UNKNOWN
                && low >= 0
                && high <= 0
                && (!stepped || Packed.isMultiple(Packed.add(packed, Packed.negate(least)), step))
                && (!whole || Packed.isMultiple(packed, Packed.ONE));
    }
}
