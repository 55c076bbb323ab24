package dev.steelyard.core.pricing;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.OrderQuantity;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.core.number.Rounding;
import dev.steelyard.core.prepared.PreparedCard;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.Currency;

/**
 * What the shop says for all of its prices.
 *
 * @param zone in which its days begin and its hours are told
 * @param mostPieces how many pieces one line can have where its card does not say
 */
public record ShopRules(Currency currency, Rounding rounding, ZoneId zone, long mostPieces) {

    /** Without a largest number of pieces but that of all lines. */
    public ShopRules(Currency currency, Rounding rounding, ZoneId zone) {
        this(currency, rounding, zone, Quantity.MOST);
    }

    /** A currency with its own minor digits throughout, in UTC. */
    public static ShopRules of(Currency currency) {
        return new ShopRules(currency, Rounding.of(currency), ZoneOffset.UTC);
    }

    /** The same in another time zone. */
    public ShopRules in(ZoneId other) {
        return new ShopRules(currency, rounding, other, mostPieces);
    }

    /** The same with another largest number of pieces of one line. */
    public ShopRules atMost(long pieces) {
        return new ShopRules(currency, rounding, zone, pieces);
    }

    /** How many pieces a line can have under a card. */
    public OrderQuantity orders(PreparedCard card) {
        return card.card().quantity().orAtMost(mostPieces);
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
