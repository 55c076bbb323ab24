package dev.steelyard.web.sold.lines;

import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/**
 * Lines that are alike in what they are told apart by.
 *
 * @param key what it is: a SKU, a group (empty for everyone's prices), an answer, a pack, a month like 2026-11; empty for a
 *     break or card, and where nothing was answered
 * @param card the id of the card of a break or of the card itself; 0 for the shelf price and own rows, and for others
 * @param from of a break; none below the first, and for others
 */
public record PartSold(String key, long card, @Nullable BigDecimal from, SoldFigures figures) {}
