package dev.steelyard.core.deal;

import dev.steelyard.core.deal.Gives.OnLadder;
import dev.steelyard.core.deal.Gives.Row;
import dev.steelyard.core.number.Quotient;
import java.math.BigDecimal;

/**
 * What the row reached of a ladder takes off.
 *
 * @param counted what reached it
 */
record LadderReduction(OnLadder ladder, Row row, BigDecimal counted, OwnTerms terms) implements Reduction {

    @Override
    public Quotient[] of(Basket basket, int[] lines, long[] left) {
        return switch (ladder.value()) {
            case PERCENT_OFF -> Portions.percent(basket, lines, left, row.value());
            case AMOUNT_OFF -> Portions.amount(basket, lines, left, row.value(), terms);
            case AMOUNT_OFF_EACH -> Portions.each(basket, lines, left, row.value(), terms);
            case PRICE_EACH -> Portions.priceEach(basket, lines, left, row.value(), terms);
            case FREE -> throw new IllegalStateException("a ladder gives nothing free");
        };
    }

    @Override
    public String detail(Basket basket, int[] lines, long[] left) {
        int digits = basket.rounding().minorDigits();
        return DealWords.counted(ladder.counts(), counted, digits)
                + (ladder.counts() == Gives.Counts.SPEND || counted.compareTo(BigDecimal.ONE) == 0
                        ? " reaches “from "
                        : " reach “from ")
                + DealWords.threshold(ladder.counts(), row.from(), digits) + "”: "
                + DealWords.value(ladder.value(), row.value(), digits)
                + DealWords.of(basket, lines, left);
    }
}
