package dev.steelyard.core.card;

import org.jspecify.annotations.Nullable;

/**
 * Who buys, as far as prices depend on it.
 *
 * @param group the customer group; none for a customer who is in none
 */
public record Customer(@Nullable String group) {

    /** A customer in no group. */
    public static final Customer EVERYONE = new Customer(null);
}
