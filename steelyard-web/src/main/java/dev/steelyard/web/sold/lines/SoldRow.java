package dev.steelyard.web.sold.lines;

import java.math.BigDecimal;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A line of an order as it is read from the database.
 *
 * @param group none for everyone's prices
 * @param store whether the owner's own store sold it
 * @param deals that were used, as the order keeps them
 * @param product by its SKU, or by that of the line where it is gone
 * @param left after deals
 * @param tax its own; none where none was reckoned
 * @param cardId none for the shelf price and own rows
 * @param asked as the order keeps it; none for a line of before that was kept
 */
record SoldRow(
        long order,
        Instant placedAt,
        @Nullable String group,
        boolean store,
        boolean taxIncluded,
        String deals,
        String sku,
        String name,
        String product,
        long pieces,
        BigDecimal total,
        BigDecimal left,
        @Nullable BigDecimal tax,
        @Nullable Long cardId,
        @Nullable String asked,
        @Nullable BigDecimal amount,
        @Nullable BigDecimal reached,
        @Nullable BigDecimal reduced,
        @Nullable BigDecimal cost) {}
