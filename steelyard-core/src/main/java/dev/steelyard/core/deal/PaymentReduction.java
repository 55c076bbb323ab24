package dev.steelyard.core.deal;

import dev.steelyard.core.deal.Gives.ByPayment;
import dev.steelyard.core.deal.Gives.Value;
import dev.steelyard.core.number.Quotient;
import dev.steelyard.core.said.DealSays;
import dev.steelyard.core.said.Part;

/** What a way of paying takes off all lines, or adds to them. */
record PaymentReduction(ByPayment gives, String payment, OwnTerms terms) implements Reduction {

    @Override
    public Quotient[] of(Basket basket, int[] lines, long[] left) {
        return gives.value() == Value.PERCENT_OFF
                ? Portions.percent(basket, lines, left, gives.amount())
                : Portions.amount(basket, lines, left, gives.amount(), terms);
    }

    @Override
    public Part detail(Basket basket, int[] lines, long[] left) {
        return Part.of(
                DealSays.PAID_BY,
                Part.paidBy(payment),
                DealTellings.value(
                        gives.value(), gives.amount(), basket.rounding().minorDigits()),
                DealTellings.of(basket, lines, left));
    }
}
