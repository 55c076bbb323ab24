package dev.steelyard.core.number;

import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/** What a price may be: 0 or more, below 10¹², with at most {@value #MOST_DECIMALS} decimals. */
public final class PriceLimits {

    public static final int MOST_DECIMALS = 6;

    private PriceLimits() {}

    /** Why a number is no price, in words; none where it is one. */
    public static @Nullable String fault(BigDecimal value) {
        if (value.signum() < 0) {
            return value.toPlainString() + " is below 0; a price is 0 or more";
        }
        if (value.stripTrailingZeros().scale() > MOST_DECIMALS) {
            return value.toPlainString() + " has more than " + MOST_DECIMALS + " decimals";
        }
        if (Decimals.tooLarge(value)) {
            return value.toPlainString() + " is too large; a price is below 1000000000000";
        }
        return null;
    }
}
