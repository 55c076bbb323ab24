package dev.steelyard.web.sold.replay;

import dev.steelyard.core.pricing.PriceBook;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Prices that are tried.
 *
 * @param label what tells it from others beside it
 * @param products the SKUs of products whose price may be another; none where any may be. Orders without any of them are left
 *     out, since nothing of them changes
 */
public record Tried(String label, PriceBook book, @Nullable Set<String> products) {}
