package dev.steelyard.format.sheet;

import java.util.Set;

/**
 * What a sheet is read and written for.
 *
 * @param currency ISO 4217 code of all prices
 * @param groups names of the customer groups
 */
public record SheetShop(String currency, Set<String> groups) {

    /** The word for no group. */
    public static final String EVERYONE = "Everyone";

    public SheetShop {
        groups = Set.copyOf(groups);
    }
}
