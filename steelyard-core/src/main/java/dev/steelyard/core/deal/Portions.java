package dev.steelyard.core.deal;

import dev.steelyard.core.number.Decimals;
import java.math.BigDecimal;

/** Percentages and amounts over some lines of what is left of them. */
final class Portions {

    private Portions() {}

    /** A percentage of each line. */
    static BigDecimal[] percent(Basket basket, int[] lines, long[] left, BigDecimal percent) {
        BigDecimal[] exact = new BigDecimal[lines.length];
        for (int i = 0; i < lines.length; i++) {
            exact[i] = percent(basket.money(left[lines[i]]), percent);
        }
        return exact;
    }

    /** An amount over all lines in proportion to what is left of them, at most all of it; on nothing, nothing. */
    static BigDecimal[] amount(Basket basket, int[] lines, long[] left, BigDecimal amount, OwnTerms terms) {
        BigDecimal[] own = new BigDecimal[lines.length];
        BigDecimal sum = BigDecimal.ZERO;
        for (int i = 0; i < lines.length; i++) {
            own[i] = terms.fromShop(basket.money(left[lines[i]]), basket.line(lines[i]));
            sum = sum.add(own[i], Decimals.EXACT);
        }
        BigDecimal shared = amount.min(sum);
        for (int i = 0; i < lines.length; i++) {
            own[i] = sum.signum() == 0
                    ? BigDecimal.ZERO
                    : terms.toShop(
                                    own[i].multiply(shared, Decimals.EXACT).divide(sum, Decimals.EXACT),
                                    basket.line(lines[i]))
                            .min(basket.money(left[lines[i]]));
        }
        return own;
    }

    /** An amount off every piece, at most what is left of the line. */
    static BigDecimal[] each(Basket basket, int[] lines, long[] left, BigDecimal amount, OwnTerms terms) {
        BigDecimal[] exact = new BigDecimal[lines.length];
        for (int i = 0; i < lines.length; i++) {
            exact[i] = ofPieces(amount, basket.line(lines[i]).quantity(), basket.line(lines[i]), terms)
                    .min(basket.money(left[lines[i]]));
        }
        return exact;
    }

    /** A price for every piece; a line that is cheaper stays. */
    static BigDecimal[] priceEach(Basket basket, int[] lines, long[] left, BigDecimal price, OwnTerms terms) {
        BigDecimal[] exact = new BigDecimal[lines.length];
        for (int i = 0; i < lines.length; i++) {
            SoldLine line = basket.line(lines[i]);
            exact[i] = basket.money(left[lines[i]])
                    .subtract(ofPieces(price, line.quantity(), line, terms), Decimals.EXACT)
                    .max(BigDecimal.ZERO);
        }
        return exact;
    }

    private static BigDecimal ofPieces(BigDecimal each, long pieces, SoldLine line, OwnTerms terms) {
        return terms.toShop(each.multiply(BigDecimal.valueOf(pieces), Decimals.EXACT), line);
    }

    /** A percentage of a sum. */
    static BigDecimal percent(BigDecimal of, BigDecimal percent) {
        return of.multiply(percent, Decimals.EXACT).scaleByPowerOfTen(-2);
    }
}
