package dev.steelyard.web.goods;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Variant;
import dev.steelyard.core.sheet.KeptPrice;
import dev.steelyard.core.sheet.PriceLine;
import dev.steelyard.core.sheet.PricesNow;
import dev.steelyard.core.sheet.RowKey;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** The prices that goods have of their own, as they are stored, many goods at a time. */
@Repository
public class GoodsPrices {

    private final GoodsReader reader;
    private final JdbcTemplate sql;

    GoodsPrices(GoodsReader reader, JdbcTemplate sql) {
        this.reader = reader;
        this.sql = sql;
    }

    /**
     * A product or variant with its prices.
     *
     * @param variantId none for a product
     */
    public record Priced(String sku, long productId, @Nullable Long variantId, PricesNow now) {}

    /** Those of some SKUs that are sold; the SKU of a product with variants is there too, since it has prices. */
    @Transactional(readOnly = true)
    public Map<String, Priced> bySku(Collection<String> skus) {
        if (skus.isEmpty()) {
            return Map.of();
        }
        String marks = GoodsReader.marks(skus.size());
        Set<Long> ids = new HashSet<>(sql.queryForList(
                "select id from product where removed_at is null and sku in (" + marks + ")",
                Long.class,
                skus.toArray()));
        ids.addAll(sql.queryForList(
                "select p.id from variant v join product p on p.id = v.product_id where p.removed_at is null and v.sku in ("
                        + marks + ")",
                Long.class,
                skus.toArray()));
        Map<String, Priced> found = new HashMap<>();
        of(List.copyOf(ids)).forEach(one -> found.put(one.sku(), one));
        found.keySet().retainAll(Set.copyOf(skus));
        return found;
    }

    /** Those of some products and of their variants: each product before its variants. */
    @Transactional(readOnly = true)
    public List<Priced> of(List<Long> productIds) {
        List<Priced> found = new ArrayList<>();
        for (GoodsReader.Read read : reader.of(productIds)) {
            Product product = read.product();
            found.add(new Priced(
                    product.sku().value(),
                    read.id(),
                    null,
                    now(read, new Item(product, null), null, RowKey.Kind.PRODUCT, read.id())));
            for (int i = 0; i < product.variants().size(); i++) {
                Variant variant = product.variants().get(i);
                long id = read.variantIds().get(i);
                found.add(new Priced(
                        variant.sku().value(),
                        read.id(),
                        id,
                        now(read, new Item(product, variant), id, RowKey.Kind.VARIANT, id)));
            }
        }
        return found;
    }

    private static PricesNow now(
            GoodsReader.Read read, Item item, @Nullable Long variantId, RowKey.Kind kind, long id) {
        List<KeptPrice> kept = new ArrayList<>();
        BigDecimal shelf = item.variant() == null
                ? item.product().shelfPrice()
                : item.variant().shelfPrice();
        if (shelf != null) {
            kept.add(new KeptPrice(kind, id, PriceLine.shelf(shelf)));
        }
        for (GoodsReader.KeptRow row : read.rows()) {
            if (Objects.equals(row.variantId(), variantId)) {
                kept.add(new KeptPrice(RowKey.Kind.ROW, row.id(), PriceLine.of(row.row())));
            }
        }
        return new PricesNow(item, kind, id, kept, read.alone());
    }
}
