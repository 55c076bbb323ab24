package dev.steelyard.core.pricing;

import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

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

    /**
     * One step.
     *
     * @param label what it is: “Breaks”
     * @param detail the expression with the numbers put in: “12 pieces reach ‘from 10’”
     * @param result what it comes to, in the shop's currency
     * @param decimals to show of the result, at least
     * @param rounding the rounding point, where rounding changed the result
     */
    public record Step(String label, String detail, BigDecimal result, int decimals, @Nullable String rounding) {}

    /** A card that covers the product but did not price the line, and why. */
    public record PassedOver(String card, String reason) {}
}
