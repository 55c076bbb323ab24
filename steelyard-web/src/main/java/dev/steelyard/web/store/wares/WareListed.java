package dev.steelyard.web.store.wares;

import com.fasterxml.jackson.annotation.JsonInclude;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.web.goods.SoldProduct;
import dev.steelyard.words.Words;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** One of the goods, as a list of all has it. */
@JsonInclude(JsonInclude.Include.NON_NULL)
@Schema(name = "GoodsListed")
record WareListed(
        String sku,
        @Schema(description = "in the language asked for") String name,
        List<String> categories,
        @Schema(description = "address of its picture on this service") String picture,
        @Schema(description = "of one piece, before any card; absent for goods made to measure") @Nullable String shelf,
        List<Variant> variants) {

    /** A variant, ordered by its own SKU. */
    @Schema(name = "Variant")
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record Variant(String sku, String name, @Nullable String shelf) {}

    static WareListed of(SoldProduct one, int minor, Words words) {
        Product product = one.product();
        return new WareListed(
                product.sku().value(),
                words.in(product.told()),
                one.categories(),
                one.picture(),
                money(product.shelfPrice(), minor),
                variants(product, minor, words));
    }

    static List<Variant> variants(Product product, int minor, Words words) {
        return product.items().stream()
                .filter(item -> item.variant() != null)
                .map(item -> variant(item, minor, words))
                .toList();
    }

    private static Variant variant(Item item, int minor, Words words) {
        return new Variant(item.sku().value(), words.in(item.told()), money(item.shelfPrice(), minor));
    }

    /** With the currency's decimals, or more where the price has more. */
    static @Nullable String money(@Nullable BigDecimal money, int minor) {
        return money == null ? null : Decimals.plain(money, minor);
    }
}
