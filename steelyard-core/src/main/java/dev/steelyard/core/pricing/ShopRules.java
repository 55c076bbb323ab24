package dev.steelyard.core.pricing;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.number.Rounding;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.Currency;

/**
 * What the shop says for all of its prices.
 *
 * @param zone in which its days begin and its hours are told
 */
public record ShopRules(Currency currency, Rounding rounding, ZoneId zone) {

    /** A currency with its own minor digits throughout, in UTC. */
    public static ShopRules of(Currency currency) {
        return new ShopRules(currency, Rounding.of(currency), ZoneOffset.UTC);
    }

    /** The same in another time zone. */
    public ShopRules in(ZoneId other) {
        return new ShopRules(currency, rounding, other);
    }

    /** The rounding for a product under a card: the card's unit price decimals, else the product's, else the shop's. */
    public Rounding roundingFor(Product product, RateCard card) {
        Integer decimals = card.unitPriceDecimals() != null ? card.unitPriceDecimals() : product.unitPriceDecimals();
        return decimals == null || decimals == rounding.unitPriceDecimals()
                ? rounding
                : rounding.withUnitPriceDecimals(decimals);
    }

    /** The rounding for an item at its shelf price or its own rows. */
    public Rounding roundingFor(Item item) {
        return roundingFor(item.product(), RateCard.SHELF_PRICE);
    }
}
