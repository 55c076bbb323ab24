package dev.steelyard.core.card;

import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;

/** What an option adds to the price, or takes off where it is negative. */
public sealed interface Charge {

    Charge NONE = new None();

    record None() implements Charge {}

    /** An amount of money for each piece. */
    record PerPiece(BigDecimal amount) implements Charge {}

    /**
     * An amount of money per unit of a measure, for each piece: 3.20 per m of {@code 2 * (length + width)}.
     *
     * @param of a formula that comes to the unit's kind
     */
    record PerUnit(BigDecimal amount, Unit unit, String of) implements Charge {}

    /** A percentage of the piece price, base charge included, for each piece. */
    record Percent(BigDecimal percent) implements Charge {}

    /** An amount of money once for the line. */
    record PerLine(BigDecimal amount) implements Charge {}
}
