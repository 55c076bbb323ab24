package dev.steelyard.core.sheet;

import dev.steelyard.core.finding.Margins;
import dev.steelyard.core.pricing.ShopRules;
import java.math.BigDecimal;
import java.time.LocalDate;

/**
 * What results are looked at with.
 *
 * @param margins to be kept
 * @param largeChange in percent: a change by more is told
 * @param today findings are of this day and of those on which something begins or ends after it
 */
public record CheckRules(ShopRules shop, Margins margins, BigDecimal largeChange, LocalDate today) {}
