package dev.steelyard.core.card;

import java.time.ZonedDateTime;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Which goods a card is for, which customers, when.
 *
 * @param goods which goods
 * @param except SKUs of products, or of variants, it is never for
 */
public record Covers(GoodsRule goods, Set<String> except, Audience audience, Times times) {

    /** Everything, everyone, always. */
    public static final Covers EVERYTHING = new Covers(GoodsRule.EVERYTHING, Set.of(), Audience.EVERYONE, Times.ALWAYS);

    public Covers {
        except = Set.copyOf(except);
    }

    /** Whether the card is for an item, whoever buys it and when. */
    public boolean covers(Item item) {
        return goods.fits(item)
                && !except.contains(item.product().sku().value())
                && !except.contains(item.sku().value());
    }

    /** Whether the card is for this product or some variant of it, whoever buys it and when. */
    public boolean covers(Product product) {
        return goods.fits(product)
                && !except.contains(product.sku().value())
                && product.items().stream().anyMatch(this::covers);
    }

    /** What of a product the card is for, whoever buys it and when. */
    public List<Item> items(Product product) {
        return product.items().stream().filter(this::covers).toList();
    }

    /** The same between two moments only; none where it is for no moment of those. */
    public Optional<Covers> within(@Nullable ZonedDateTime start, @Nullable ZonedDateTime end) {
        return times.within(start, end).map(part -> new Covers(goods, except, audience, part));
    }

    /** Whether there is a customer and a moment that both are for, whatever the goods. */
    public boolean meets(Covers other) {
        return audience.meets(other.audience) && times.meets(other.times);
    }

    /** Whether this is for every customer and moment that another is for, whatever the goods. */
    public boolean takesAllOf(Covers other) {
        return audience.takesAllOf(other.audience) && times.takesAllOf(other.times);
    }

    /** Why a card that covers the product is not for this customer or moment; none where it is. */
    public @Nullable PassedOverFor reasonAgainst(Customer customer, ZonedDateTime at) {
        PassedOverFor reason = audience.reasonAgainst(customer);
        return reason != null ? reason : times.reasonAgainst(at);
    }
}
