package dev.steelyard.core.deal;

import dev.steelyard.core.deal.Gives.ByPayment;
import dev.steelyard.core.deal.Gives.Value;
import dev.steelyard.core.number.Quotient;

/** What a way of paying takes off all lines, or adds to them. */
record PaymentReduction(ByPayment gives, String payment, OwnTerms terms) implements Reduction {

    @Override
    public Quotient[] of(Basket basket, int[] lines, long[] left) {
        return gives.value() == Value.PERCENT_OFF
                ? Portions.percent(basket, lines, left, gives.amount())
                : Portions.amount(basket, lines, left, gives.amount(), terms);
    }

    @Override
    public String detail(Basket basket, int[] lines, long[] left) {
        return "Paid by " + payment + ": "
                + DealWords.value(
                        gives.value(), gives.amount(), basket.rounding().minorDigits())
                + DealWords.of(basket, lines, left);
    }
}
