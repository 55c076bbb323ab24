package dev.steelyard.core.pricing;

import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.number.Rounding;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What the lines of a basket come to. */
public final class BasketTotal {

    private BasketTotal() {}

    /**
     * The sum of the line totals; refused lines add nothing.
     *
     * @return none where the sum is too large to be sold
     */
    public static @Nullable Money of(List<LineResult> results, Rounding rounding) {
        BigDecimal sum = BigDecimal.ZERO;
        for (LineResult result : results) {
            if (result instanceof PricedLine line) {
                sum = sum.add(line.total().value(), Decimals.EXACT);
            }
        }
        return Decimals.tooLarge(sum) ? null : rounding.lineTotal(sum);
    }
}
