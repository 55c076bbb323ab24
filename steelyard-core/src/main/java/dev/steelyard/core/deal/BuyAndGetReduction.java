package dev.steelyard.core.deal;

import dev.steelyard.core.deal.Gives.BuyAndGet;
import dev.steelyard.core.deal.Giving.Given;
import dev.steelyard.core.number.Quotient;
import dev.steelyard.core.said.DealSays;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Part.Join;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;

/**
 * Some pieces for less, as many as bought pieces stand for.
 *
 * @param buyLines the places of lines to buy from
 */
record BuyAndGetReduction(BuyAndGet gives, int[] buyLines, OwnTerms terms) implements Reduction {

    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

    @Override
    public Quotient[] of(Basket basket, int[] lines, long[] left) {
        Quotient[] all = new Quotient[basket.size()];
        Arrays.fill(all, Quotient.ZERO);
        for (Given given : given(basket, lines, left)) {
            SoldLine line = basket.line(given.line());
            Quotient amount = terms.toShop(Quotient.of(gives.amount()), line);
            Quotient each =
                    switch (gives.value()) {
                        case FREE -> given.each();
                        case PERCENT_OFF -> given.each().times(gives.amount()).dividedBy(HUNDRED);
                        case AMOUNT_OFF_EACH -> amount.min(given.each());
                        case PRICE_EACH -> given.each().minus(amount).max(Quotient.ZERO);
                        case AMOUNT_OFF -> throw new IllegalStateException("an amount off is off each piece here");
                    };
            all[given.line()] =
                    each.times(BigDecimal.valueOf(given.pieces())).min(Quotient.of(basket.money(left[given.line()])));
        }
        return Arrays.stream(lines).mapToObj(line -> all[line]).toArray(Quotient[]::new);
    }

    /** What may be given by itself: all of it, or each product or SKU. */
    List<Giving> parts(Basket basket, int[] lines, long[] left) {
        return gives.same() == Apart.TOGETHER
                ? List.of(new Giving(gives, basket, buyLines, lines, left))
                : gives.same().parts(basket, lines).stream()
                        .map(part -> new Giving(gives, basket, part, part, left))
                        .toList();
    }

    private List<Given> given(Basket basket, int[] lines, long[] left) {
        return parts(basket, lines, left).stream()
                .flatMap(part -> part.given().stream())
                .toList();
    }

    /** How many pieces are given. */
    long count(Basket basket, int[] lines, long[] left) {
        return given(basket, lines, left).stream().mapToLong(Given::pieces).sum();
    }

    @Override
    public Part detail(Basket basket, int[] lines, long[] left) {
        int digits = basket.rounding().minorDigits();
        return Part.all(
                Join.LIST,
                given(basket, lines, left).stream()
                        .map(given -> Part.of(
                                DealSays.GIVEN,
                                Part.count(given.pieces()),
                                Part.name(basket.line(given.line()).item().told()),
                                Part.money(basket.rounding().shown(given.each())),
                                DealTellings.value(gives.value(), gives.amount(), digits)))
                        .toList());
    }
}
