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

    /** Whether some customer may be of both. */
    public boolean meets(Audience other) {
        boolean groups = groupsIn.isEmpty()
                ? !groupsOut.containsAll(other.groupsIn) || other.groupsIn.isEmpty()
                : groupsIn.stream().anyMatch(other::mayBe);
        boolean mutual = other.groupsIn.isEmpty() || other.groupsIn.stream().anyMatch(this::mayBe);
        boolean places = countries.isEmpty()
                || other.countries.isEmpty()
                || countries.stream().anyMatch(other.countries::contains);
        return groups
                && mutual
                && places
                && (signedIn == null || other.signedIn == null || signedIn.equals(other.signedIn))
                && (firstOrder == null || other.firstOrder == null || firstOrder.equals(other.firstOrder));
    }

    private boolean mayBe(String group) {
        return (groupsIn.isEmpty() || groupsIn.contains(group)) && !groupsOut.contains(group);
    }

    /** Whether everyone of another is of this too. */
    public boolean takesAllOf(Audience other) {
        boolean groups = groupsIn.isEmpty() || !other.groupsIn.isEmpty() && groupsIn.containsAll(other.groupsIn);
        boolean none = other.groupsIn.isEmpty()
                ? other.groupsOut.containsAll(groupsOut)
                : other.groupsIn.stream().allMatch(this::mayBe);
        boolean places = countries.isEmpty() || !other.countries.isEmpty() && countries.containsAll(other.countries);
        return groups
                && none
                && places
                && (signedIn == null || signedIn.equals(other.signedIn))
                && (firstOrder == null || firstOrder.equals(other.firstOrder));
    }

    /** Why it is not for a customer; none where it is. */
    public @Nullable PassedOverFor reasonAgainst(Customer customer) {
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
