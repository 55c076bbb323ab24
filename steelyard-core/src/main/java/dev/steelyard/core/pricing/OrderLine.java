package dev.steelyard.core.pricing;

import dev.steelyard.core.card.Sku;

/** A line of a basket before it has a price. */
public record OrderLine(Sku sku, long quantity) {}
