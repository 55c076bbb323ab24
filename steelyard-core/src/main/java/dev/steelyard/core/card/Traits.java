package dev.steelyard.core.card;

import java.util.Set;

/**
 * What goods are told apart by, beside their SKU; sets of one or none where there can be only one.
 *
 * @param categories the product's categories with all those above them
 */
public record Traits(
        Set<String> categories, Set<String> brand, Set<String> type, Set<String> supplier, Set<String> tags) {

    public static final Traits NONE = new Traits(Set.of(), Set.of(), Set.of(), Set.of(), Set.of());

    public Traits {
        categories = Set.copyOf(categories);
        brand = Set.copyOf(brand);
        type = Set.copyOf(type);
        supplier = Set.copyOf(supplier);
        tags = Set.copyOf(tags);
    }
}
