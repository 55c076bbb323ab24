package dev.steelyard.core.card;

import java.util.Set;

/**
 * Some goods, as a rule with exceptions.
 *
 * @param except SKUs of products, or of variants, that are never meant
 */
public record GoodsSet(GoodsRule rule, Set<String> except) {

    public static final GoodsSet EVERYTHING = new GoodsSet(GoodsRule.EVERYTHING, Set.of());

    public GoodsSet {
        except = Set.copyOf(except);
    }

    /** Goods by a rule, without exceptions. */
    public static GoodsSet of(GoodsRule rule) {
        return new GoodsSet(rule, Set.of());
    }

    /** Whether an item is one of them. */
    public boolean has(Item item) {
        return rule.fits(item)
                && (except.isEmpty()
                        || !except.contains(item.product().sku().value())
                                && !except.contains(item.sku().value()));
    }

    /** Whether whatever is sold is one of them. */
    public boolean isEverything() {
        return rule.equals(GoodsRule.EVERYTHING) && except.isEmpty();
    }
}
