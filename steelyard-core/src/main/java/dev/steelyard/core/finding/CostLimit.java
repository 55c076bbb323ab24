package dev.steelyard.core.finding;

import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.FindingSays;
import dev.steelyard.core.said.Part;
import java.math.BigDecimal;
import java.math.RoundingMode;
import org.jspecify.annotations.Nullable;

/** The least a piece may be sold for without a warning: its cost, or its cost and the shop's smallest margin. */
record CostLimit(@Nullable BigDecimal cost, @Nullable BigDecimal marginPercent) {

    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

    static CostLimit of(@Nullable BigDecimal cost, @Nullable BigDecimal marginPercent) {
        return new CostLimit(cost, marginPercent);
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
                : new CostLimit(cost.multiply(units, Decimals.EXACT), marginPercent).fault(what, price);
    }

    /** What is wrong with a price; none where nothing is. */
    @Nullable
    Fact fault(Part what, Money price) {
        if (cost == null) {
            return null;
        }
        Part paid = new Part.Money(cost, price.value().scale());
        if (price.value().compareTo(cost) < 0) {
            return Fact.of(FindingSays.BELOW_COST, what, Part.money(price), paid);
        }
        if (marginPercent == null) {
            return null;
        }
        BigDecimal margin = price.value().subtract(cost, Decimals.EXACT).multiply(HUNDRED, Decimals.EXACT);
        boolean enough = margin.compareTo(price.value().multiply(marginPercent, Decimals.EXACT)) >= 0;
        return enough
                ? null
                : Fact.of(
                        FindingSays.MARGIN_TOO_SMALL,
                        what,
                        Part.money(price),
                        Part.number(margin.divide(price.value(), 1, RoundingMode.DOWN)),
                        paid,
                        Part.number(marginPercent));
    }
}
