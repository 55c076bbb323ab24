package dev.steelyard.web.shown;

import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.unit.Unit;
import dev.steelyard.web.page.Show;
import java.math.BigDecimal;
import java.math.RoundingMode;
import org.jspecify.annotations.Nullable;

/** Prices per kilo, metre, litre and the like, for show. */
public final class UnitPrice {

    private UnitPrice() {}

    /**
     * “3.95 per kg”, rounded half-up to the currency's decimals.
     *
     * @param amount in base units
     * @return none where nothing is measured
     */
    public static @Nullable String of(
            BigDecimal money, @Nullable BigDecimal amount, @Nullable Unit unit, int decimals) {
        if (unit == null || amount == null || amount.signum() <= 0) {
            return null;
        }
        BigDecimal each = money.divide(unit.fromBase(amount), Decimals.EXACT).setScale(decimals, RoundingMode.HALF_UP);
        return Show.money(each, decimals) + " per " + unit.symbol();
    }
}
