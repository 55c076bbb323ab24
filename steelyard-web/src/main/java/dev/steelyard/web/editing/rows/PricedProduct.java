package dev.steelyard.web.editing.rows;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Variant;
import dev.steelyard.core.ladder.PriceRows;
import dev.steelyard.core.number.Rounding;
import dev.steelyard.web.goods.GoodsEntry;
import dev.steelyard.web.shop.CustomerGroup;
import dev.steelyard.web.shop.Shop;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Whose prices are on the page: a product or one of its variants, with what the page needs to know of the shop.
 *
 * @param variant none for the product itself
 */
record PricedProduct(
        GoodsEntry entry, @Nullable Variant variant, Shop shop, List<CustomerGroup> groups, LocalDate today) {

    /** None where the product has no variant of that id. */
    static Optional<PricedProduct> of(
            GoodsEntry entry, @Nullable Long variantId, Shop shop, List<CustomerGroup> groups, LocalDate today) {
        if (variantId == null) {
            return Optional.of(new PricedProduct(entry, null, shop, groups, today));
        }
        int index = entry.variantIds().indexOf(variantId);
        return index < 0
                ? Optional.empty()
                : Optional.of(
                        new PricedProduct(entry, entry.product().variants().get(index), shop, groups, today));
    }

    @Nullable
    Long variantId() {
        return variant == null
                ? null
                : entry.variantIds().get(entry.product().variants().indexOf(variant));
    }

    PriceState saved() {
        return PriceState.of(entry.product(), variant);
    }

    /** The product as it would be with other prices for the subject; what they count over is the whole product's. */
    Product with(PriceState state) {
        Product old = entry.product();
        return new Product(
                old.sku(),
                old.name(),
                variant == null ? state.shelfPrice() : old.shelfPrice(),
                old.unitCost(),
                old.unitPriceDecimals(),
                variant == null ? state.ladder() : over(old.ownRows(), state),
                old.variants().stream().map(other -> with(other, state)).toList(),
                old.traits());
    }

    private Variant with(Variant other, PriceState state) {
        boolean edited = other.equals(variant);
        return new Variant(
                other.sku(),
                other.name(),
                edited ? state.shelfPrice() : other.shelfPrice(),
                other.unitCost(),
                edited ? state.ladder() : over(other.ownRows(), state));
    }

    private static @Nullable PriceRows over(@Nullable PriceRows ladder, PriceState state) {
        return ladder == null ? null : PriceRows.of(state.over(), ladder.breaks());
    }

    /** What the picture and the findings are of: the variant, or the product as a variant without its own prices. */
    Item itemOf(Product changed) {
        return new Item(
                changed,
                variant == null
                        ? null
                        : changed.variants().stream()
                                .filter(other -> other.sku().equals(variant.sku()))
                                .findFirst()
                                .orElseThrow());
    }

    Rounding rounding() {
        return shop.rules().roundingFor(new Item(entry.product(), variant));
    }
}
