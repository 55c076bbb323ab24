package dev.steelyard.core.deal;

import dev.steelyard.core.deal.Gives.OnLadder;
import dev.steelyard.core.deal.Gives.Row;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Quotient;
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
    public String detail(Basket basket, int[] lines, long[] left) {
        StringBuilder words = new StringBuilder();
        for (Reached part : reached) {
            words.append(words.isEmpty() ? "" : "; ").append(detail(basket, part, left));
        }
        return words.toString();
    }

    private String detail(Basket basket, Reached part, long[] left) {
        int digits = basket.rounding().minorDigits();
        String counted = DealWords.counted(ladder.counts(), part.counted, digits);
        String value = DealWords.value(ladder.value(), part.row.value(), digits);
        String of = DealWords.of(basket, part.lines, left);
        if (ladder.forEvery()) {
            return counted + " are " + Decimals.plain(times(part), 0) + " × "
                    + DealWords.threshold(ladder.counts(), part.row.from(), digits) + ": " + value + " for each" + of;
        }
        boolean one = ladder.counts() == Gives.Counts.SPEND || part.counted.compareTo(BigDecimal.ONE) == 0;
        return counted + (ladder.each() == Apart.TOGETHER ? "" : " of " + whose(basket, part))
                + (one ? " reaches “" : " reach “")
                + DealWords.from(ladder.counts(), part.row, digits) + "”: " + value + of;
    }

    private String whose(Basket basket, Reached part) {
        var item = basket.line(part.lines[0]).item();
        return ladder.each() == Apart.PRODUCT ? item.product().name() : item.name();
    }
}
