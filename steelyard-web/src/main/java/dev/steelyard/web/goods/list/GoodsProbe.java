package dev.steelyard.web.goods.list;

import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Sku;
import dev.steelyard.web.goods.SoldProduct;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Goods that are nothing but what lists are sorted by, to look for a place with. */
final class GoodsProbe {

    private GoodsProbe() {}

    static SoldProduct of(long id, String key, String sku, @Nullable BigDecimal price, Instant changed) {
        return new SoldProduct(id, "", List.of(), changed, Product.of(new Sku(sku), "", price), key);
    }
}
