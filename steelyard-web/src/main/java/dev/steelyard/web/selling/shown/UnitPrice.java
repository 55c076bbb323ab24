package dev.steelyard.web.selling.shown;

import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Prices per kilo, metre, litre and the like, for show: never per gram or millimetre, where all would round to 0. */
public final class UnitPrice {

    private UnitPrice() {}

    /**
     * “3.95 per kg”, rounded half-up to the currency's decimals.
     *
     * @param amount in base units
     * @return none where nothing is measured
     */
    public static @Nullable String of(BigDecimal money, @Nullable BigDecimal amount, @Nullable Unit unit, AsSeen seen) {
        return each(money, amount, unit, seen.minor())
                .map(each -> seen.words()
                        .text(
                                "per-unit",
                                "money",
                                seen.total(each.money()),
                                "unit",
                                seen.words().symbol(each.unit())))
                .orElse(null);
    }

    /** Money for one of a unit, rounded half-up to the currency's decimals. */
    public record Each(BigDecimal money, Unit unit) {}

    /**
     * The same in figures.
     *
     * @param minor decimals of the currency
     */
    public static Optional<Each> each(BigDecimal money, @Nullable BigDecimal amount, @Nullable Unit unit, int minor) {
        if (unit == null || amount == null || amount.signum() <= 0) {
            return Optional.empty();
        }
        Unit per = usual(unit);
        return Optional.of(new Each(
                money.divide(per.fromBase(amount), Decimals.EXACT).setScale(minor, RoundingMode.HALF_UP), per));
    }

    private static Unit usual(Unit unit) {
        return switch (unit) {
            case MM, CM -> Unit.M;
            case MM2, CM2 -> Unit.M2;
            case MM3, CM3, ML -> Unit.L;
            case G -> Unit.KG;
            default -> unit;
        };
    }
}
