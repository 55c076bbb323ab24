package dev.steelyard.core.sheet;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Variant;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.ladder.PriceRows;
import java.math.BigDecimal;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * The prices that an item has of its own, as they are stored: a product's, or one variant's.
 *
 * @param item a product without regard to its variants, or a variant
 * @param goods the kind of the goods' own key
 * @param id of the product or variant
 * @param kept its own shelf price, where it has one, and its own rows
 * @param alone groups whose rows stand alone
 */
public record PricesNow(Item item, RowKey.Kind goods, long id, List<KeptPrice> kept, Set<String> alone) {

    public PricesNow {
        kept = List.copyOf(kept);
        alone = Set.copyOf(alone);
    }

    /** Prices of which no group's stand alone. */
    public PricesNow(Item item, RowKey.Kind goods, long id, List<KeptPrice> kept) {
        this(item, goods, id, kept, Set.of());
    }

    /** The same where the rows of some more groups stand alone. */
    public PricesNow withAlone(Set<String> more) {
        Set<String> all = new HashSet<>(alone);
        all.addAll(more);
        return new PricesNow(item, goods, id, kept, all);
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
        PriceRows rows = breaks.isEmpty() ? null : PriceRows.of(old == null ? Over.LINE : old.over(), breaks, alone);
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
