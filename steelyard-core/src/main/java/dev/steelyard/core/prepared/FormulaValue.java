package dev.steelyard.core.prepared;

import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.unit.Dimension;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Map;
import java.util.Optional;

/** What a formula comes to, shown to six decimals. */
final class FormulaValue {

    private static final int DECIMALS = 6;
    private static final Map<Dimension, Unit> SHOWN_IN = Map.of(
            Dimension.PLAIN, Unit.ONE,
            Dimension.LENGTH, Unit.M,
            Dimension.AREA, Unit.M2,
            Dimension.VOLUME, Unit.M3,
            Dimension.WEIGHT, Unit.KG);

    private FormulaValue() {}

    /** None for a dimension that has no unit of its own, such as money per area. */
    static Optional<String> words(Dimension dimension, BigDecimal base) {
        BigDecimal rounded = base.setScale(DECIMALS, RoundingMode.HALF_UP);
        if (dimension.equals(Dimension.MONEY)) {
            return Optional.of(Decimals.plain(rounded, 2));
        }
        return Optional.ofNullable(SHOWN_IN.get(dimension))
                .map(unit -> (Decimals.plain(rounded, 0) + " " + unit.symbol()).strip());
    }
}
