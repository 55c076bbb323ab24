package dev.steelyard.core.announced;

import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/**
 * What everyone pays for one of an item at a moment, after deals that need no code.
 *
 * @param price of one piece or one unit, rounded half-up to the decimals of the item's prices
 * @param per the unit of measured goods; none for a piece
 * @param forATime whether something that holds for a time only is in it: a dated row, a card or a deal with a period or hours
 */
public record Announced(BigDecimal price, @Nullable Unit per, boolean forATime) {}
