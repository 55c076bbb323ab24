package dev.steelyard.core.finding;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.FindingSays;
import dev.steelyard.core.said.Part;
import java.math.BigDecimal;
import java.math.RoundingMode;
import org.jspecify.annotations.Nullable;

/**
 * The least a piece may be sold for without a warning: its cost, or its cost and the smallest margin, of the price without tax.
 *
 * @param contained the rate of tax that prices contain, in percent; 0 for none
 */
record CostLimit(@Nullable BigDecimal cost, @Nullable BigDecimal marginPercent, BigDecimal contained) {

    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

    static CostLimit of(Item item, Margins margins) {
        return new CostLimit(item.unitCost(), margins.smallest(item), margins.contained(item));
    }

    /**
     * What is wrong with the price of a piece whose cost is of so many units; none where nothing is.
     *
     * @param what has the price
     */
    @Nullable
    Fact fault(Part what, Money price, BigDecimal units) {
        return cost == null
                ? null
                : new CostLimit(cost.multiply(units, Decimals.EXACT), marginPercent, contained).fault(what, price);
    }

    /** What is wrong with a price; none where nothing is. */
    @Nullable
    Fact fault(Part what, Money price) {
        if (cost == null) {
            return null;
        }
        // compared as multiples of 100 and the rate, so that no division rounds
        BigDecimal net = price.value().multiply(HUNDRED, Decimals.EXACT);
        BigDecimal paid = cost.multiply(HUNDRED.add(contained), Decimals.EXACT);
        if (net.compareTo(paid) < 0) {
            return contained.signum() == 0
                    ? Fact.of(FindingSays.BELOW_COST, what, Part.money(price), cost(price))
                    : Fact.of(FindingSays.BELOW_COST_NET, what, Part.money(price), without(price), cost(price));
        }
        if (marginPercent == null) {
            return null;
        }
        BigDecimal left = net.subtract(paid, Decimals.EXACT).multiply(HUNDRED, Decimals.EXACT);
        if (left.compareTo(net.multiply(marginPercent, Decimals.EXACT)) >= 0) {
            return null;
        }
        Part leaves = Part.number(left.divide(net, 1, RoundingMode.DOWN));
        Part least = Part.number(marginPercent);
        return contained.signum() == 0
                ? Fact.of(FindingSays.MARGIN_TOO_SMALL, what, Part.money(price), leaves, cost(price), least)
                : Fact.of(
                        FindingSays.MARGIN_TOO_SMALL_NET,
                        what,
                        Part.money(price),
                        without(price),
                        leaves,
                        cost(price),
                        least);
    }

    private Part cost(Money price) {
        return new Part.Money(cost, price.value().scale());
    }

    /** The price without tax, for show. */
    private Part without(Money price) {
        int decimals = price.value().scale();
        return new Part.Money(
                price.value()
                        .multiply(HUNDRED, Decimals.EXACT)
                        .divide(HUNDRED.add(contained), decimals, RoundingMode.HALF_UP),
                decimals);
    }
}
