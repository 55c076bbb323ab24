package dev.steelyard.core.deal;

import dev.steelyard.core.deal.Gives.BuyAndGet;
import dev.steelyard.core.number.Quotient;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * The cheapest pieces of one set for less, as many as bought pieces stand for. A piece that is given stands for none.
 *
 * @param buyLines the places of lines to buy from
 */
record BuyAndGetReduction(BuyAndGet gives, int[] buyLines, OwnTerms terms) implements Reduction {

    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

    /** Some pieces of a line that are given. */
    private record Given(int at, long pieces, Quotient each) {}

    @Override
    public Quotient[] of(Basket basket, int[] lines, long[] left) {
        Quotient[] exact = new Quotient[lines.length];
        Arrays.fill(exact, Quotient.ZERO);
        for (Given given : given(basket, lines, left)) {
            SoldLine line = basket.line(lines[given.at]);
            Quotient amount = terms.toShop(Quotient.of(gives.amount()), line);
            Quotient each =
                    switch (gives.value()) {
                        case FREE -> given.each;
                        case PERCENT_OFF -> given.each.times(gives.amount()).dividedBy(HUNDRED);
                        case AMOUNT_OFF_EACH -> amount.min(given.each);
                        case PRICE_EACH -> given.each.minus(amount).max(Quotient.ZERO);
                        case AMOUNT_OFF -> throw new IllegalStateException("an amount off is off each piece here");
                    };
            exact[given.at] =
                    each.times(BigDecimal.valueOf(given.pieces)).min(Quotient.of(basket.money(left[lines[given.at]])));
        }
        return exact;
    }

    /** How many pieces are given. */
    long count(Basket basket, int[] lines, long[] left) {
        return given(basket, lines, left).stream().mapToLong(Given::pieces).sum();
    }

    private List<Given> given(Basket basket, int[] lines, long[] left) {
        List<Given> cheapest = new ArrayList<>();
        for (int i = lines.length - 1; i >= 0; i--) {
            long pieces = basket.line(lines[i]).quantity();
            cheapest.add(new Given(
                    i, pieces, Quotient.of(basket.money(left[lines[i]])).dividedBy(BigDecimal.valueOf(pieces))));
        }
        cheapest.sort(Comparator.comparing(Given::each)); // keeps later lines before earlier ones of one price
        long most = most(basket, lines, cheapest);
        List<Given> given = new ArrayList<>();
        for (Given one : cheapest) {
            long pieces = Math.min(one.pieces, most);
            if (pieces > 0) {
                given.add(new Given(one.at, pieces, one.each));
                most -= pieces;
            }
        }
        return given;
    }

    /** The most that can be given so that enough others are bought: the more are given, the fewer others there are. */
    private long most(Basket basket, int[] lines, List<Given> cheapest) {
        boolean[] bought = new boolean[basket.size()];
        for (int line : buyLines) {
            bought[line] = true;
        }
        long buyable = basket.pieces(buyLines);
        long most = basket.pieces(lines);
        if (gives.atMost() != null) {
            most = Math.min(most, gives.atMost() * gives.getPieces());
        }
        long least = 0;
        while (least < most) {
            long tried = (least + most + 1) / 2;
            long others = buyable - ofBought(tried, lines, cheapest, bought);
            if (others >= gives.buyPieces() * times(tried)) {
                least = tried;
            } else {
                most = tried - 1;
            }
        }
        return least;
    }

    private static long ofBought(long given, int[] lines, List<Given> cheapest, boolean[] bought) {
        long rest = given;
        long count = 0;
        for (Given one : cheapest) {
            long pieces = Math.min(rest, one.pieces);
            count += bought[lines[one.at]] ? pieces : 0;
            rest -= pieces;
        }
        return count;
    }

    /** How often it is begun for so many given pieces. */
    long times(long given) {
        return (given + gives.getPieces() - 1) / gives.getPieces();
    }

    @Override
    public String detail(Basket basket, int[] lines, long[] left) {
        StringBuilder words = new StringBuilder();
        int digits = basket.rounding().minorDigits();
        for (Given given : given(basket, lines, left)) {
            words.append(words.isEmpty() ? "" : ", ")
                    .append(given.pieces)
                    .append(" × ")
                    .append(basket.line(lines[given.at]).item().name())
                    .append(" at ")
                    .append(basket.rounding().shown(given.each))
                    .append(": ")
                    .append(DealWords.value(gives.value(), gives.amount(), digits));
        }
        return words.toString();
    }
}
