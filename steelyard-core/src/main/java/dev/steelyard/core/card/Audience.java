package dev.steelyard.core.card;

import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Which customers a card is for.
 *
 * @param groupsIn only customers of these groups; empty for everyone
 * @param groupsOut never customers of these groups
 * @param signedIn only those signed in, or only those not; none for both
 * @param firstOrder only first orders, or only later ones; none for both
 * @param countries only to these, by ISO 3166 code; empty for everywhere
 */
public record Audience(
        Set<String> groupsIn,
        Set<String> groupsOut,
        @Nullable Boolean signedIn,
        @Nullable Boolean firstOrder,
        Set<String> countries) {

    public static final Audience EVERYONE = new Audience(Set.of(), Set.of(), null, null, Set.of());

    public Audience {
        groupsIn = Set.copyOf(groupsIn);
        groupsOut = Set.copyOf(groupsOut);
        countries = Set.copyOf(countries);
    }

    /** Customers of these groups only. */
    public static Audience of(String... groups) {
        return new Audience(Set.of(groups), Set.of(), null, null, Set.of());
    }

    @Nullable
    PassedOverFor reasonAgainst(Customer customer) {
        String group = customer.group();
        boolean meant = (groupsIn.isEmpty() || group != null && groupsIn.contains(group))
                && (group == null || !groupsOut.contains(group))
                && (signedIn == null || signedIn == customer.signedIn())
                && (firstOrder == null || firstOrder == customer.firstOrder());
        if (!meant) {
            return PassedOverFor.CUSTOMER;
        }
        String country = customer.country();
        return countries.isEmpty() || country != null && countries.contains(country) ? null : PassedOverFor.COUNTRY;
    }
}
