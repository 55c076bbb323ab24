package dev.steelyard.core.deal;

import dev.steelyard.core.number.Quotient;
import java.math.BigDecimal;
import java.util.Arrays;

/** Percentages and amounts over some lines of what is left of them. */
final class Portions {

    private Portions() {}

    /** A percentage of each line. */
    static Quotient[] percent(Basket basket, int[] lines, long[] left, BigDecimal percent) {
        Quotient[] exact = new Quotient[lines.length];
        for (int i = 0; i < lines.length; i++) {
            exact[i] = Quotient.of(percent(basket.money(left[lines[i]]), percent));
        }
        return exact;
    }

    /** An amount over all lines in proportion to what is left of them, at most all of it; on nothing, nothing. */
    static Quotient[] amount(Basket basket, int[] lines, long[] left, BigDecimal amount, OwnTerms terms) {
        Quotient[] own = new Quotient[lines.length];
        Quotient sum = Quotient.ZERO;
        for (int i = 0; i < lines.length; i++) {
            own[i] = terms.fromShop(Quotient.of(basket.money(left[lines[i]])), basket.line(lines[i]));
            sum = sum.plus(own[i]);
        }
        if (sum.signum() == 0) {
            Arrays.fill(own, Quotient.ZERO);
            return own;
        }
        Quotient part = Quotient.of(amount).min(sum).dividedBy(sum);
        for (int i = 0; i < lines.length; i++) {
            own[i] = terms.toShop(own[i].times(part), basket.line(lines[i]))
                    .min(Quotient.of(basket.money(left[lines[i]])));
        }
        return own;
    }

    /** An amount off every piece, at most what is left of the line. */
    static Quotient[] each(Basket basket, int[] lines, long[] left, BigDecimal amount, OwnTerms terms) {
        Quotient[] exact = new Quotient[lines.length];
        for (int i = 0; i < lines.length; i++) {
            exact[i] = ofPieces(amount, basket.line(lines[i]).quantity(), basket.line(lines[i]), terms)
                    .min(Quotient.of(basket.money(left[lines[i]])));
        }
        return exact;
    }

    /** A price for every piece; a line that is cheaper stays. */
    static Quotient[] priceEach(Basket basket, int[] lines, long[] left, BigDecimal price, OwnTerms terms) {
        Quotient[] exact = new Quotient[lines.length];
        for (int i = 0; i < lines.length; i++) {
            SoldLine line = basket.line(lines[i]);
            exact[i] = Quotient.of(basket.money(left[lines[i]]))
                    .minus(ofPieces(price, line.quantity(), line, terms))
                    .max(Quotient.ZERO);
        }
        return exact;
    }

    private static Quotient ofPieces(BigDecimal each, long pieces, SoldLine line, OwnTerms terms) {
        return terms.toShop(Quotient.of(each.multiply(BigDecimal.valueOf(pieces))), line);
    }

    /** A percentage of a sum. */
    static BigDecimal percent(BigDecimal of, BigDecimal percent) {
        return of.multiply(percent).scaleByPowerOfTen(-2);
    }
}
