package dev.steelyard.core.card;

import java.math.BigDecimal;

/**
 * A value with a unit that formulas use by name: {@code cloth} is 42.00 EUR/m2.
 *
 * @param unit a unit, the shop's currency, or a quotient of two of them, as written in formulas
 */
public record NamedRate(String name, BigDecimal value, String unit) {}
