package dev.steelyard.core.reckoning;

import dev.steelyard.core.said.Fact;
import java.util.List;

/**
 * The steps that led to a price, in order; the last one's result is the line's total.
 *
 * @param passedOver the cards above the one that priced the line that cover the product but did not count
 */
public record Reckoning(List<Step> steps, List<PassedOver> passedOver) {

    public static final Reckoning NOT_ASKED = new Reckoning(List.of(), List.of());

    public Reckoning {
        steps = List.copyOf(steps);
        passedOver = List.copyOf(passedOver);
    }

    /** A card that covers the product but did not price the line, and why. */
    public record PassedOver(String card, Fact reason) {}
}
