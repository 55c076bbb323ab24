package dev.steelyard.core.card;

import dev.steelyard.core.ladder.PriceRows;
import dev.steelyard.core.said.Wording;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/** What a line of a basket orders: a product, or one variant of it. */
public record Item(Product product, @Nullable Variant variant) {

    public Sku sku() {
        return variant == null ? product.sku() : variant.sku();
    }

    /** The product's name, with the variant's where there is one. */
    public String name() {
        return variant == null ? product.name() : product.name() + ", " + variant.name();
    }

    /** The same as shoppers of each language read it. */
    public Wording told() {
        if (variant == null) {
            return product.told();
        }
        Map<String, String> others = new TreeMap<>();
        for (Wording one : List.of(product.told(), variant.told())) {
            one.others()
                    .keySet()
                    .forEach(language -> others.put(
                            language,
                            product.told().in(language) + ", " + variant.told().in(language)));
        }
        return new Wording(name(), product.told().language(), others);
    }

    /** The variant's own shelf price, else the product's, else none. */
    public @Nullable BigDecimal shelfPrice() {
        return variant != null && variant.shelfPrice() != null ? variant.shelfPrice() : product.shelfPrice();
    }

    /** The variant's own cost, else the product's, else none. */
    public @Nullable BigDecimal unitCost() {
        return variant != null && variant.unitCost() != null ? variant.unitCost() : product.unitCost();
    }

    /** The variant's own price rows, else the product's, else none. */
    public @Nullable PriceRows ownRows() {
        return variant != null && variant.ownRows() != null ? variant.ownRows() : product.ownRows();
    }
}
