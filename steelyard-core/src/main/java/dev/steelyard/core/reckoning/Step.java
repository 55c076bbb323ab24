package dev.steelyard.core.reckoning;

import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.Told;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/**
 * One step.
 *
 * @param what it is: “Breaks”
 * @param how it came about, with the figures: “12 pieces reach ‘from 10’”; none where there is nothing else to say
 * @param result what it comes to
 * @param point the rounding point, where rounding changed the result
 */
public record Step(Fact what, @Nullable Fact how, Figure result, @Nullable Point point) {

    /**
     * What a step comes to, exact.
     *
     * @param value in the unit, or in the shop's currency
     * @param decimals to show, at least
     * @param unit none for money
     */
    public record Figure(BigDecimal value, int decimals, @Nullable Unit unit) {

        /** The digits with at least the decimals to show, and the unit's symbol: {@code 12 m²}. */
        @Override
        public String toString() {
            String digits = Decimals.plain(value, decimals);
            return unit == null || unit.symbol().isEmpty() ? digits : digits + " " + unit.symbol();
        }
    }

    /** The rounding points a step may pass. */
    public enum Point {
        /** Billable amount, up to the card's rounding step. */
        R1(Told.ROUNDING_AMOUNT),
        /** Price of one piece, half-up to the unit price decimals. */
        R2(Told.ROUNDING_PIECE),
        /** Line total, half-up to the currency's minor digits. */
        R3(Told.ROUNDING_LINE);

        private final Fact said;

        Point(Told told) {
            this.said = Fact.of(told);
        }

        /** What was rounded to what. */
        public Fact said() {
            return said;
        }
    }
}
