package dev.steelyard.core.finding;

import dev.steelyard.core.prepared.Asked;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/**
 * A trial kept with the price it must give.
 *
 * @param name what the owner calls it
 * @param line what the line must come to; none where it must be refused
 */
public record CheckWeight(String name, Asked asked, @Nullable BigDecimal line) {}
