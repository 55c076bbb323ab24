package dev.steelyard.core.card;

import org.jspecify.annotations.Nullable;

/**
 * Who buys, as far as prices depend on it.
 *
 * @param group the customer group; none for a customer who is in none
 * @param country the ISO 3166 code of the country the goods go to; none where it is not known
 */
public record Customer(@Nullable String group, boolean signedIn, boolean firstOrder, @Nullable String country) {

    /** A customer in no group, of whom nothing is known. */
    public static final Customer EVERYONE = new Customer(null);

    /** A customer of whom only the group is known. */
    public Customer(@Nullable String group) {
        this(group, false, false, null);
    }
}
