package dev.steelyard.web.goods;

import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.sheet.PriceLine;
import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** The prices of one of the goods as names and figures, as history keeps them: “from 10 for Boatyard”, 6.35. */
final class StoredPriceState {

    static final String SHELF_PRICE = "shelf price";

    private static final int LEAST_DECIMALS = 2;

    private final Map<String, String> figures = new LinkedHashMap<>();

    private StoredPriceState() {}

    static Map<String, String> of(StoredProduct product) {
        StoredPriceState state = new StoredPriceState();
        state.put(SHELF_PRICE, product.shelfPrice());
        state.rows(product, null, "");
        product.variants().forEach(variant -> {
            state.put(lead(variant.name()) + SHELF_PRICE, variant.shelfPrice());
            state.rows(product, variant.id(), lead(variant.name()));
        });
        if (!product.rows().isEmpty()) {
            state.figures.put(
                    "counts", product.rowsOver() == Over.LINE ? "each line by itself" : "all variants together");
        }
        if (!product.alone().isEmpty()) {
            state.figures.put("stand alone", String.join(", ", product.alone()));
        }
        state.figures.put("sold", product.removedAt() == null ? "yes" : "no");
        return state.figures;
    }

    private void rows(StoredProduct product, @Nullable Long variantId, String lead) {
        product.rows().stream()
                .filter(row -> row.isOf(variantId))
                .map(StoredPriceRow::toBreak)
                .forEach(row -> put(lead + PriceLine.of(row).words(), row.value()));
    }

    static String lead(String variant) {
        return variant + ": ";
    }

    private void put(String name, @Nullable BigDecimal price) {
        if (price != null) {
            figures.put(name, Decimals.plain(price, LEAST_DECIMALS));
        }
    }
}
