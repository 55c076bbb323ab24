package dev.steelyard.core.card;

import dev.steelyard.core.said.Wording;
import dev.steelyard.core.unit.Unit;

/**
 * A figure shown to the shopper that does not touch the price, such as the weight of a length of chain.
 *
 * @param formula comes to the unit's kind
 * @param decimals shown, rounded half-up
 */
public record ShownFigure(Wording label, String formula, Unit unit, int decimals) {

    /** Called in the shop's own language alone. */
    public ShownFigure(String label, String formula, Unit unit, int decimals) {
        this(Wording.of(label), formula, unit, decimals);
    }
}
