package dev.steelyard.web.shop;

import dev.steelyard.core.number.Rounding;
import dev.steelyard.core.pricing.ShopRules;
import java.math.BigDecimal;
import java.time.ZoneId;
import java.util.Currency;
import org.jspecify.annotations.Nullable;

/**
 * What holds for the whole shop.
 *
 * @param homeCountry where goods go to unless it is said, by its ISO 3166 code
 * @param beAnother whether whoever is at the counter may be another customer, or there on another day
 * @param revision raised by every change of prices
 */
public record Shop(
        String name,
        ShopRules rules,
        String homeCountry,
        boolean beAnother,
        Bounds bounds,
        Invoicing invoicing,
        ShopHabits habits,
        long revision) {

    /** With the usual bounds. */
    public Shop(
            String name,
            ShopRules rules,
            @Nullable BigDecimal smallestMargin,
            String homeCountry,
            boolean beAnother,
            long revision) {
        this(
                name,
                rules,
                homeCountry,
                beAnother,
                new Bounds(
                        smallestMargin,
                        Bounds.USUAL.mostPieces(),
                        Bounds.USUAL.largeChange(),
                        Bounds.USUAL.hintGives(),
                        Bounds.USUAL.dearest()),
                Invoicing.NONE,
                ShopHabits.USUAL,
                revision);
    }

    static Shop of(StoredShop stored) {
        Currency currency = Currency.getInstance(stored.currency());
        Rounding rounding = Rounding.of(currency).withUnitPriceDecimals(stored.unitPriceDecimals());
        return new Shop(
                stored.name(),
                new ShopRules(currency, rounding, ZoneId.of(stored.zone()), stored.mostPieces()),
                stored.homeCountry(),
                stored.beAnother(),
                stored.bounds(),
                stored.invoicing(),
                stored.habits(),
                stored.revision());
    }

    /** In percent of a price, below which it is warned of; none for none. */
    public @Nullable BigDecimal smallestMargin() {
        return bounds.smallestMargin();
    }

    /** The time zone in which days begin and end. */
    public ZoneId zone() {
        return rules.zone();
    }

    /** ISO 4217 code: EUR. */
    public String currency() {
        return rules.currency().getCurrencyCode();
    }

    /** Decimals of totals. */
    public int minorDigits() {
        return rules.rounding().minorDigits();
    }
}
