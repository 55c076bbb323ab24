package dev.steelyard.core.deal;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.number.Money;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/**
 * A line that has its price.
 *
 * @param total before any deal, rounded by R3
 * @param rate of tax, in percent; none where no tax is reckoned
 */
public record SoldLine(Item item, long quantity, Money total, @Nullable BigDecimal rate) {}
