package dev.steelyard.core.card;

import java.util.Set;

/**
 * What goods are told apart by, beside their SKU; sets of one or none where there can be only one.
 *
 * @param categories the product's categories with all those above them
 * @param taxClass by which the rate of tax is looked up
 */
public record Traits(
        Set<String> categories,
        Set<String> brand,
        Set<String> type,
        Set<String> supplier,
        Set<String> tags,
        String taxClass) {

    /** The tax class of goods of which none was said. */
    public static final String STANDARD_TAX = "Standard";

    public static final Traits NONE = new Traits(Set.of(), Set.of(), Set.of(), Set.of(), Set.of());

    public Traits {
        categories = Set.copyOf(categories);
        brand = Set.copyOf(brand);
        type = Set.copyOf(type);
        supplier = Set.copyOf(supplier);
        tags = Set.copyOf(tags);
    }

    /** In the standard tax class. */
    public Traits(Set<String> categories, Set<String> brand, Set<String> type, Set<String> supplier, Set<String> tags) {
        this(categories, brand, type, supplier, tags, STANDARD_TAX);
    }
}
