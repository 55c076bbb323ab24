package dev.steelyard.core.card;

import dev.steelyard.core.ladder.Validity;
import java.time.LocalDate;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Which goods a card is for, which customers, which days.
 *
 * @param products by SKU; empty for everything
 * @param groupsIn only customers of these groups; empty for everyone
 * @param groupsOut never customers of these groups
 */
public record Covers(Set<Sku> products, Set<String> groupsIn, Set<String> groupsOut, Validity when) {

    /** Everything, everyone, always. */
    public static final Covers EVERYTHING = new Covers(Set.of(), Set.of(), Set.of(), Validity.ALWAYS);

    public Covers {
        products = Set.copyOf(products);
        groupsIn = Set.copyOf(groupsIn);
        groupsOut = Set.copyOf(groupsOut);
    }

    /** Whether the card is for this product, whoever buys it and when. */
    public boolean covers(Product product) {
        return products.isEmpty() || products.contains(product.sku());
    }

    /** Why a card that covers the product is not for this customer or day; none where it is. */
    public @Nullable String reasonAgainst(Customer customer, LocalDate day) {
        String group = customer.group();
        if (!groupsIn.isEmpty() && (group == null || !groupsIn.contains(group))) {
            return "not this customer";
        }
        if (group != null && groupsOut.contains(group)) {
            return "not this customer";
        }
        if (!when.on(day)) {
            return when.from() != null && day.isBefore(when.from()) ? "not yet" : "no longer";
        }
        return null;
    }
}
