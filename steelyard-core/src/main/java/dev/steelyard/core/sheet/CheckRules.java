package dev.steelyard.core.sheet;

import dev.steelyard.core.pricing.ShopRules;
import java.math.BigDecimal;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * What results are looked at with.
 *
 * @param smallestMargin in percent of a price; none for “not below cost”
 * @param largeChange in percent: a change by more is told
 * @param today findings are of this day and of those on which something begins or ends after it
 */
public record CheckRules(
        ShopRules shop, @Nullable BigDecimal smallestMargin, BigDecimal largeChange, LocalDate today) {}
