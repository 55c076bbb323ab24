package dev.steelyard.core.ladder;

import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Quantity;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Writes the rows of a ladder of prices: the first break at the start price, each later one so much further and so much
 * cheaper. The change is taken of the exact price before; only what is written is rounded to the ending.
 *
 * @param startPrice the price from the first threshold on
 * @param firstThreshold pieces
 * @param width pieces from one threshold to the next
 * @param change how a price follows from the one before it
 * @param stop when no further break is written
 * @param ending the digits after the point that every price ends with, such as 0.95; none for two decimals, half-up
 */
public record LadderGenerator(
        BigDecimal startPrice, int firstThreshold, int width, Change change, Stop stop, @Nullable BigDecimal ending) {

    private static final int MOST_ROWS = 1000;
    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

    public LadderGenerator {
        if (startPrice.signum() <= 0) {
            throw new IllegalArgumentException("the start price is more than 0, not " + startPrice.toPlainString());
        }
        if (!Quantity.allowed(firstThreshold)) {
            throw new IllegalArgumentException("the first threshold is 1 to 1000000, not " + firstThreshold);
        }
        if (width < 1) {
            throw new IllegalArgumentException("the width of a break is 1 or more, not " + width);
        }
        if (ending != null && (ending.signum() < 0 || ending.compareTo(BigDecimal.ONE) >= 0)) {
            throw new IllegalArgumentException("an ending is 0 or more and less than 1, not " + ending.toPlainString());
        }
    }

    /** How a price follows from the one before it. */
    public sealed interface Change {

        /** So much less. */
        record Amount(BigDecimal less) implements Change {}

        /** So much less in percent of the one before. */
        record Percent(BigDecimal less) implements Change {}
    }

    /** When no further break is written. */
    public sealed interface Stop {

        /** Before a price lower than this. */
        record AtPrice(BigDecimal lowest) implements Stop {}

        /** After so many breaks. */
        record AfterBreaks(int count) implements Stop {}
    }

    /** The rows, for everyone and without dates: at most 1,000, none at 0 or below, none beyond 1,000,000 pieces. */
    public List<Break> rows() {
        List<Break> rows = new ArrayList<>();
        BigDecimal exact = startPrice;
        for (long from = firstThreshold; from <= Quantity.MOST && rows.size() < MOST_ROWS; from += width) {
            BigDecimal price = ended(exact);
            boolean enough = stop instanceof Stop.AfterBreaks after
                    ? rows.size() >= after.count()
                    : price.compareTo(((Stop.AtPrice) stop).lowest()) < 0;
            if (enough || price.signum() <= 0) {
                break;
            }
            rows.add(Break.everyone((int) from, price));
            exact = next(exact);
        }
        return List.copyOf(rows);
    }

    private BigDecimal next(BigDecimal price) {
        if (change instanceof Change.Amount amount) {
            return price.subtract(amount.less(), Decimals.EXACT);
        }
        BigDecimal left = HUNDRED.subtract(((Change.Percent) change).less());
        return price.multiply(left, Decimals.EXACT).movePointLeft(2);
    }

    /** The nearest price with the ending, the lower one of two as near. */
    private BigDecimal ended(BigDecimal price) {
        if (ending == null) {
            return price.setScale(2, RoundingMode.HALF_UP);
        }
        return price.subtract(ending).setScale(0, RoundingMode.HALF_DOWN).add(ending);
    }
}
