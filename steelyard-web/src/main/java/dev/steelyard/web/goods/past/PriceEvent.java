package dev.steelyard.web.goods.past;

import java.time.Instant;
import java.util.Map;

/**
 * A change of some prices of one product.
 *
 * @param how “by hand”, “by the sheet spring.xlsx”
 * @param link to what did it
 * @param before names and figures of the prices it was about, as they were
 * @param after the same as they became
 */
record PriceEvent(
        Instant at,
        String by,
        String how,
        String why,
        String link,
        Map<String, String> before,
        Map<String, String> after) {}
