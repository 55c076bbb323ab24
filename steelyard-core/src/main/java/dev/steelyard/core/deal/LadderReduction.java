package dev.steelyard.core.deal;

import dev.steelyard.core.deal.Gives.OnLadder;
import dev.steelyard.core.deal.Gives.Row;
import dev.steelyard.core.number.Quotient;
import dev.steelyard.core.said.DealSays;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Part.Join;
import dev.steelyard.core.said.Wording;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * What the rows reached of a ladder take off.
 *
 * @param reached one for all lines, or one for each product or SKU that reaches a row by itself
 */
record LadderReduction(OnLadder ladder, List<Reached> reached, OwnTerms terms) implements Reduction {

    /**
     * A row that some lines reach together.
     *
     * @param lines their places in the basket
     * @param counted what reached it
     */
    record Reached(int[] lines, Row row, BigDecimal counted) {}

    /** What the lines of a ladder reach; empty where they reach nothing. */
    static List<Reached> reached(OnLadder ladder, Basket basket, int[] lines) {
        List<Reached> reached = new ArrayList<>();
        for (int[] part : ladder.each().parts(basket, lines)) {
            BigDecimal counted = basket.counted(ladder.counts(), part);
            Row row = ladder.reached(counted);
            if (row != null) {
                reached.add(new Reached(part, row, counted));
            }
        }
        return reached;
    }

    @Override
    public Quotient[] of(Basket basket, int[] lines, long[] left) {
        if (reached.size() == 1 && reached.get(0).lines.length == lines.length) {
            return taken(basket, reached.get(0), left);
        }
        Quotient[] all = new Quotient[basket.size()];
        Arrays.fill(all, Quotient.ZERO);
        for (Reached part : reached) {
            Quotient[] taken = taken(basket, part, left);
            for (int i = 0; i < taken.length; i++) {
                all[part.lines[i]] = taken[i];
            }
        }
        return Arrays.stream(lines).mapToObj(line -> all[line]).toArray(Quotient[]::new);
    }

    private Quotient[] taken(Basket basket, Reached part, long[] left) {
        BigDecimal value = part.row.value();
        int[] lines = part.lines;
        return switch (ladder.value()) {
            case PERCENT_OFF -> Portions.percent(basket, lines, left, value);
            case AMOUNT_OFF -> Portions.amount(basket, lines, left, value.multiply(times(part)), terms);
            case AMOUNT_OFF_EACH -> Portions.each(basket, lines, left, value, terms);
            case PRICE_EACH -> Portions.priceEach(basket, lines, left, value, terms);
            case FREE -> throw new IllegalStateException("a ladder gives nothing free");
        };
    }

    private BigDecimal times(Reached part) {
        return BigDecimal.valueOf(ladder.times(part.counted));
    }

    @Override
    public Part detail(Basket basket, int[] lines, long[] left) {
        return Part.all(
                Join.APART,
                reached.stream()
                        .map(part -> Part.of(detail(basket, part, left)))
                        .toList());
    }

    private Fact detail(Basket basket, Reached part, long[] left) {
        int digits = basket.rounding().minorDigits();
        Part counted = DealTellings.counted(ladder.counts(), part.counted, digits);
        Part value = DealTellings.value(ladder.value(), part.row.value(), digits);
        Part of = DealTellings.of(basket, part.lines, left);
        if (ladder.forEvery()) {
            Part threshold = DealTellings.threshold(ladder.counts(), part.row.from(), digits);
            return Fact.of(DealSays.FOR_EVERY, counted, Part.number(times(part)), threshold, value, of);
        }
        boolean one = ladder.counts() == Gives.Counts.SPEND || part.counted.compareTo(BigDecimal.ONE) == 0;
        return Fact.of(
                DealSays.REACHES,
                counted,
                one ? Part.count(1) : Part.NONE,
                ladder.each() == Apart.TOGETHER ? Part.NONE : Part.name(whose(basket, part)),
                DealTellings.from(ladder.counts(), part.row, digits),
                value,
                of);
    }

    private Wording whose(Basket basket, Reached part) {
        var item = basket.line(part.lines[0]).item();
        return ladder.each() == Apart.PRODUCT ? item.product().told() : item.told();
    }
}
