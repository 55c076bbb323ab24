package dev.steelyard.web.goods;

import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.card.Traits;
import dev.steelyard.core.card.Variant;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.PriceRows;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Turns stored goods into those that prices are made from. */
final class ForPricing {

    private ForPricing() {}

    static Product product(StoredProduct stored) {
        return new Product(
                new Sku(stored.sku()),
                stored.name(),
                stored.shelfPrice(),
                stored.unitCost(),
                stored.unitPriceDecimals(),
                ladder(stored, null),
                stored.variants().stream()
                        .map(variant -> new Variant(
                                new Sku(variant.sku()),
                                variant.name(),
                                variant.shelfPrice(),
                                variant.unitCost(),
                                ladder(stored, variant.id())))
                        .toList(),
                traits(stored));
    }

    private static Traits traits(StoredProduct stored) {
        StoredBrand brand = stored.brand();
        return new Traits(
                stored.categories().stream().flatMap(StoredCategory::withAbove).collect(Collectors.toSet()),
                oneOrNone(brand == null ? null : brand.name()),
                oneOrNone(stored.type()),
                oneOrNone(stored.supplier()),
                stored.tags(),
                stored.taxClass() == null
                        ? Traits.STANDARD_TAX
                        : stored.taxClass().name());
    }

    private static Set<String> oneOrNone(@Nullable String text) {
        return text == null ? Set.of() : Set.of(text);
    }

    /** The rows of the product, or of one variant, which count over whatever the product says. */
    private static @Nullable PriceRows ladder(StoredProduct stored, @Nullable Long variantId) {
        List<Break> rows = stored.rows().stream()
                .filter(row -> row.isOf(variantId))
                .map(StoredPriceRow::toBreak)
                .toList();
        return rows.isEmpty() ? null : PriceRows.of(stored.rowsOver(), rows);
    }
}
