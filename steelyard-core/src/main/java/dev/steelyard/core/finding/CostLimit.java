package dev.steelyard.core.finding;

import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Money;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** The least a piece may be sold for without a warning: its cost, or its cost and the shop's smallest margin. */
record CostLimit(@Nullable BigDecimal cost, @Nullable BigDecimal marginPercent) {

    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

    static CostLimit of(@Nullable BigDecimal cost, @Nullable BigDecimal marginPercent) {
        return new CostLimit(cost, marginPercent);
    }

    /** What is wrong with the price of a piece whose cost is of so many units; none where nothing is. */
    @Nullable
    String fault(Money price, BigDecimal units) {
        return cost == null ? null : new CostLimit(cost.multiply(units, Decimals.EXACT), marginPercent).fault(price);
    }

    /** What is wrong with a price; none where nothing is. */
    @Nullable
    String fault(Money price) {
        if (cost == null) {
            return null;
        }
        String paid = Decimals.plain(cost, price.value().scale());
        if (price.value().compareTo(cost) < 0) {
            return "is below the cost of " + paid;
        }
        if (marginPercent == null) {
            return null;
        }
        BigDecimal margin = price.value().subtract(cost, Decimals.EXACT).multiply(HUNDRED, Decimals.EXACT);
        boolean enough = margin.compareTo(price.value().multiply(marginPercent, Decimals.EXACT)) >= 0;
        return enough ? null : tooLittle(price.value(), margin, paid);
    }

    private String tooLittle(BigDecimal price, BigDecimal marginTimesHundred, String paid) {
        BigDecimal leaves = marginTimesHundred.divide(price, 1, RoundingMode.DOWN);
        return "leaves " + Decimals.plain(leaves, 0) + " % over the cost of " + paid
                + ", less than the shop’s smallest margin of "
                + Decimals.plain(Objects.requireNonNull(marginPercent), 0) + " %";
    }
}
