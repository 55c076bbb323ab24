package dev.steelyard.core.replay;

import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/**
 * A break of a card, or of a product's own rows.
 *
 * @param card the name of the card that prices it
 * @param from none below the first break
 */
public record AtBreak(String card, @Nullable BigDecimal from) {}
