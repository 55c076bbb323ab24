package dev.steelyard.core.pricing;

import dev.steelyard.core.number.Money;

/** How many more pieces bring the price of one piece down, and to what. */
public record NextBreak(long more, Money pricePerPiece) {}
