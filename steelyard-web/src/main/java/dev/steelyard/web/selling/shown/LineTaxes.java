package dev.steelyard.web.selling.shown;

import dev.steelyard.core.number.Money;
import dev.steelyard.core.pricing.PricedBasket;
import java.math.BigDecimal;
import java.util.Objects;

/** The tax of each line so that they add up to the tax of the basket: what is lacking is put on the largest. */
public final class LineTaxes {

    private LineTaxes() {}

    /** Each line's own tax, which add up to the tax of the basket; 0 for one without. */
    public static BigDecimal[] of(PricedBasket priced) {
        BigDecimal[] taxes = new BigDecimal[priced.lines().size()];
        BigDecimal sum = BigDecimal.ZERO;
        int largest = -1;
        for (int i = 0; i < taxes.length; i++) {
            Money tax = priced.taxOf(i);
            taxes[i] = tax == null ? BigDecimal.ZERO : tax.value();
            sum = sum.add(taxes[i]);
            Money left = priced.left(i);
            Money most = largest < 0 ? null : priced.left(largest);
            largest = left != null && (most == null || left.compareTo(most) > 0) ? i : largest;
        }
        if (priced.tax() != null && largest >= 0) {
            taxes[largest] = taxes[largest].add(
                    Objects.requireNonNull(priced.tax()).sum().subtract(sum));
        }
        return taxes;
    }
}
