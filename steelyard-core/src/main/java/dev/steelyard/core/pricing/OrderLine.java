package dev.steelyard.core.pricing;

import dev.steelyard.core.card.Sku;
import dev.steelyard.core.prepared.Answers;

/** A line of a basket before it has a price. */
public record OrderLine(Sku sku, long quantity, Answers answers) {

    /** A line of goods about which nothing is asked. */
    public OrderLine(Sku sku, long quantity) {
        this(sku, quantity, Answers.NONE);
    }
}
