package dev.steelyard.core.pricing;

/** What became of a line: a price, or a refusal that says where and why. */
public sealed interface LineResult permits PricedLine, RefusedLine {}
