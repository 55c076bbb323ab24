package dev.steelyard.core.deal;

import dev.steelyard.core.card.Customer;
import java.time.ZonedDateTime;
import java.util.Collection;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Who buys, how and when.
 *
 * @param payment the method picked; none where none is yet
 * @param codes as they are compared: use {@link #of}
 * @param codeLists the lists one of whose codes was typed and still counts
 * @param at in the shop's time zone
 */
public record Occasion(
        Customer customer, @Nullable String payment, Set<String> codes, Set<String> codeLists, ZonedDateTime at) {

    public Occasion {
        codes = Set.copyOf(codes);
        codeLists = Set.copyOf(codeLists);
    }

    /** Without codes of lists. */
    public Occasion(Customer customer, @Nullable String payment, Set<String> codes, ZonedDateTime at) {
        this(customer, payment, codes, Set.of(), at);
    }

    /** The same with codes of some lists. */
    public Occasion withCodesOf(Set<String> lists) {
        return new Occasion(customer, payment, codes, lists, at);
    }

    /** With codes as they were typed. */
    public static Occasion of(Customer customer, @Nullable String payment, Collection<String> codes, ZonedDateTime at) {
        return new Occasion(
                customer, payment, codes.stream().map(Conditions::normal).collect(Collectors.toSet()), at);
    }

    /** A customer at a moment who gave no code and picked no payment. */
    public static Occasion of(Customer customer, ZonedDateTime at) {
        return new Occasion(customer, null, Set.of(), at);
    }
}
