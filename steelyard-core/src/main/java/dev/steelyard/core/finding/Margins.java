package dev.steelyard.core.finding;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.tax.TaxRules;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * The margins a shop wants to keep, and what of a price is left without tax. A margin is a percentage of the price without
 * tax that is left once the cost is paid.
 *
 * @param smallest of the shop, below which it is warned of; none for “not below cost”
 * @param ofCategories by their names; of several the largest counts, instead of the shop's
 * @param ofProducts by their SKUs; instead of the others
 * @param tax how prices stand to tax; none where none is reckoned
 * @param country whose rates count
 */
public record Margins(
        @Nullable BigDecimal smallest,
        Map<String, BigDecimal> ofCategories,
        Map<String, BigDecimal> ofProducts,
        @Nullable TaxRules tax,
        @Nullable String country) {

    /** None but that nothing is sold below cost, without tax. */
    public static final Margins NONE = of(null);

    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);
    private static final int DECIMALS = 1;

    public Margins {
        ofCategories = Map.copyOf(ofCategories);
        ofProducts = Map.copyOf(ofProducts);
    }

    /** One for all goods, where no tax is reckoned. */
    public static Margins of(@Nullable BigDecimal smallest) {
        return new Margins(smallest, Map.of(), Map.of(), null, null);
    }

    /** The one to be kept for an item, in percent; none for “not below cost”. */
    public @Nullable BigDecimal smallest(Item item) {
        BigDecimal own = ofProducts.get(item.product().sku().value());
        return own != null
                ? own
                : item.product().traits().categories().stream()
                        .map(ofCategories::get)
                        .filter(Objects::nonNull)
                        .max(BigDecimal::compareTo)
                        .orElse(smallest);
    }

    /** The rate of tax that an item's prices contain, in percent; 0 for none. */
    BigDecimal contained(Item item) {
        BigDecimal rate = tax == null || !tax.pricesInclude()
                ? null
                : tax.rate(country, item.product().traits().taxClass());
        return rate == null ? BigDecimal.ZERO : rate;
    }

    /** A price of an item without the tax that it contains, exact to 34 digits. */
    public BigDecimal net(Item item, BigDecimal price) {
        BigDecimal rate = contained(item);
        return rate.signum() == 0
                ? price
                : price.multiply(HUNDRED, Decimals.EXACT).divide(HUNDRED.add(rate), Decimals.EXACT);
    }

    /**
     * The margin of a price.
     *
     * @param units of cost that are in it: pieces, or billable units
     * @return in percent, to one decimal, rounded down; none where the cost is not known or nothing is paid
     */
    public @Nullable BigDecimal of(Item item, BigDecimal price, BigDecimal units) {
        BigDecimal cost = item.unitCost();
        BigDecimal net = net(item, price);
        return cost == null || net.signum() <= 0
                ? null
                : net.subtract(cost.multiply(units, Decimals.EXACT), Decimals.EXACT)
                        .multiply(HUNDRED, Decimals.EXACT)
                        .divide(net, DECIMALS, RoundingMode.FLOOR);
    }

    /**
     * The lowest price of one piece that keeps a margin, rounded up to so many decimals.
     *
     * @param margin in percent, below 100
     * @return none where the cost is not known
     */
    public @Nullable BigDecimal lowest(Item item, BigDecimal margin, int decimals) {
        BigDecimal least = least(item, BigDecimal.ONE, margin);
        return least == null ? null : least.setScale(decimals, RoundingMode.CEILING);
    }

    /** The lowest price that keeps a margin, exact to 34 digits; none where the cost is not known. */
    private @Nullable BigDecimal least(Item item, BigDecimal units, BigDecimal margin) {
        BigDecimal cost = item.unitCost();
        return cost == null
                ? null
                : cost.multiply(units, Decimals.EXACT)
                        .multiply(HUNDRED.add(contained(item)), Decimals.EXACT)
                        .divide(HUNDRED.subtract(margin), Decimals.EXACT);
    }

    /**
     * The largest reduction of a price that keeps a margin, in percent, rounded down to so many decimals.
     *
     * @param price before the reduction
     * @param units of cost that are in it
     * @param margin in percent, below 100
     * @return none where the cost is not known; 0 where the price itself does not keep it
     */
    public @Nullable BigDecimal largestReduction(
            Item item, BigDecimal price, BigDecimal units, BigDecimal margin, int decimals) {
        BigDecimal least = least(item, units, margin);
        if (least == null || price.signum() <= 0) {
            return null;
        }
        return price.subtract(least, Decimals.EXACT)
                .multiply(HUNDRED, Decimals.EXACT)
                .divide(price, decimals, RoundingMode.FLOOR)
                .max(BigDecimal.ZERO);
    }
}
