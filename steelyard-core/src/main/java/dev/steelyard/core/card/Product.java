package dev.steelyard.core.card;

import dev.steelyard.core.ladder.PriceRows;
import dev.steelyard.core.said.Wording;
import java.math.BigDecimal;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * One of the goods, as far as its price needs it. A product with variants is ordered by their SKUs, one without by its
 * own.
 *
 * @param shelfPrice of one piece, before any card; none for made-to-measure goods
 * @param unitCost what one piece, or one billable unit of measured goods, costs the shop; none where nobody said
 * @param unitPriceDecimals decimals of the price of one piece; none for the shop's
 * @param ownRows the product's own price rows; none where it has none
 * @param told its name as shoppers of each language read it
 */
public record Product(
        Sku sku,
        String name,
        @Nullable BigDecimal shelfPrice,
        @Nullable BigDecimal unitCost,
        @Nullable Integer unitPriceDecimals,
        @Nullable PriceRows ownRows,
        List<Variant> variants,
        Traits traits,
        Wording told) {

    public Product {
        variants = List.copyOf(variants);
        told = told.equals(Wording.of(name)) ? Wording.NONE : told; // as most are; kept a million times otherwise
    }

    /** Its name as shoppers of each language read it. */
    @Override
    public Wording told() {
        return told.isEmpty() ? Wording.of(name) : told;
    }

    /** A product whose name is the same in every language. */
    public Product(
            Sku sku,
            String name,
            @Nullable BigDecimal shelfPrice,
            @Nullable BigDecimal unitCost,
            @Nullable Integer unitPriceDecimals,
            @Nullable PriceRows ownRows,
            List<Variant> variants,
            Traits traits) {
        this(sku, name, shelfPrice, unitCost, unitPriceDecimals, ownRows, variants, traits, Wording.of(name));
    }

    /** A product of which nothing is known but its prices. */
    public Product(
            Sku sku,
            String name,
            @Nullable BigDecimal shelfPrice,
            @Nullable BigDecimal unitCost,
            @Nullable Integer unitPriceDecimals,
            @Nullable PriceRows ownRows,
            List<Variant> variants) {
        this(sku, name, shelfPrice, unitCost, unitPriceDecimals, ownRows, variants, Traits.NONE);
    }

    /** A product with a shelf price and nothing else. */
    public static Product of(Sku sku, String name, @Nullable BigDecimal shelfPrice) {
        return new Product(sku, name, shelfPrice, null, null, null, List.of());
    }

    /** The same with other own price rows. */
    public Product withOwnRows(@Nullable PriceRows rows) {
        return new Product(sku, name, shelfPrice, unitCost, unitPriceDecimals, rows, variants, traits, told);
    }

    /** What can be put into a basket: each variant, or the product itself where it has none. */
    public List<Item> items() {
        return variants.isEmpty()
                ? List.of(new Item(this, null))
                : variants.stream().map(variant -> new Item(this, variant)).toList();
    }

    /** The SKUs it is ordered by. */
    Set<String> itemSkus() {
        return items().stream().map(item -> item.sku().value()).collect(Collectors.toSet());
    }

    /** The SKU it is named by. */
    Set<String> names() {
        return Set.of(sku.value());
    }
}
