package dev.steelyard.core.sheet;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Variant;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.ladder.PriceRows;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The prices that an item has of its own, as they are stored: a product's, or one variant's.
 *
 * @param item a product without regard to its variants, or a variant
 * @param goods the kind of the goods' own key
 * @param id of the product or variant
 * @param kept its own shelf price, where it has one, and its own rows
 */
public record PricesNow(Item item, RowKey.Kind goods, long id, List<KeptPrice> kept) {

    public PricesNow {
        kept = List.copyOf(kept);
    }

    Optional<KeptPrice> shelf() {
        return kept.stream().filter(one -> one.kind() != RowKey.Kind.ROW).findFirst();
    }

    List<KeptPrice> rows() {
        return kept.stream().filter(one -> one.kind() == RowKey.Kind.ROW).toList();
    }

    /** The same goods with other prices of their own. */
    Item with(@Nullable BigDecimal shelf, List<Break> breaks) {
        Product product = item.product();
        Variant variant = item.variant();
        PriceRows old = item.ownRows();
        PriceRows rows = breaks.isEmpty()
                ? null
                : old == null ? PriceRows.of(Over.LINE, breaks) : PriceRows.of(old.over(), breaks, old.alone());
        if (variant != null) {
            return new Item(product, new Variant(variant.sku(), variant.name(), shelf, variant.unitCost(), rows));
        }
        return new Item(
                new Product(
                        product.sku(),
                        product.name(),
                        shelf,
                        product.unitCost(),
                        product.unitPriceDecimals(),
                        rows,
                        product.variants(),
                        product.traits()),
                null);
    }
}
