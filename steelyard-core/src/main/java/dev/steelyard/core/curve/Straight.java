package dev.steelyard.core.curve;

import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.number.Decimals;
import java.math.BigDecimal;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * An amount, waste added but not rounded, that is a straight line over the measurement.
 *
 * @param at a value of the measurement
 * @param amount there, in base units
 * @param slope amount per unit of the measurement, not 0
 */
record Straight(BigDecimal at, BigDecimal amount, BigDecimal slope) {

    /** The line through two values; none where it does not rise or fall, or there is no price at one of them. */
    static Optional<Straight> of(
            MeasurementCurve curve, BigDecimal from, BigDecimal until, PiecePrice.@Nullable Rate rate) {
        MeasurementCurve bare = rate == null ? curve : curve.withBareAmount(rate);
        BigDecimal next = from.add(BigDecimal.ONE).min(until);
        Optional<BigDecimal> first = amount(bare, from);
        Optional<BigDecimal> second = amount(bare, next);
        if (first.isEmpty() || second.isEmpty() || next.compareTo(from) == 0) {
            return Optional.empty();
        }
        BigDecimal slope =
                second.get().subtract(first.get(), Decimals.EXACT).divide(next.subtract(from), Decimals.EXACT);
        return slope.signum() == 0 ? Optional.empty() : Optional.of(new Straight(from, first.get(), slope));
    }

    private static Optional<BigDecimal> amount(MeasurementCurve curve, BigDecimal x) {
        return curve.line(x).map(line -> line.piece().billable());
    }

    /** The value at which an amount is reached; none before the line begins. */
    Optional<BigDecimal> reaches(BigDecimal target) {
        BigDecimal x = at.add(target.subtract(amount, Decimals.EXACT).divide(slope, Decimals.EXACT), Decimals.EXACT);
        return Optional.of(Decimals.normal(x));
    }
}
