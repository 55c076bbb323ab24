package dev.steelyard.core.pricing;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.number.Rounding;
import java.util.Currency;

/** What the shop says for all of its prices. */
public record ShopRules(Currency currency, Rounding rounding) {

    /** A currency with its own minor digits throughout. */
    public static ShopRules of(Currency currency) {
        return new ShopRules(currency, Rounding.of(currency));
    }

    /** The rounding for an item: the product's unit price decimals where it sets its own. */
    public Rounding roundingFor(Item item) {
        Integer decimals = item.product().unitPriceDecimals();
        return decimals == null ? rounding : rounding.withUnitPriceDecimals(decimals);
    }
}
