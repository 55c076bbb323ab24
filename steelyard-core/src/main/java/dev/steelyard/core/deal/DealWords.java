package dev.steelyard.core.deal;

import dev.steelyard.core.deal.Gives.Counts;
import dev.steelyard.core.deal.Gives.Row;
import dev.steelyard.core.deal.Gives.Value;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Quantity;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/** The sentences of a basket's reckoning. */
final class DealWords {

    private DealWords() {}

    /** “6 pieces”, “150.00”. */
    static String counted(Counts counts, BigDecimal much, int digits) {
        boolean one = much.compareTo(BigDecimal.ONE) == 0;
        String plain = threshold(counts, much, digits);
        return switch (counts) {
            case SPEND -> plain;
            case PIECES -> Quantity.words(plain);
            case PRODUCTS -> plain + (one ? " product" : " different products");
            case SKUS -> plain + (one ? " kind" : " different kinds");
        };
    }

    static String threshold(Counts counts, BigDecimal much, int digits) {
        return Decimals.plain(much, counts == Counts.SPEND ? digits : 0);
    }

    /** “from 150.00”, “over 6”. */
    static String from(Counts counts, Row row, int digits) {
        return (row.over() ? "over " : "from ") + threshold(counts, row.from(), digits);
    }

    /** “5 % off”, “0.40 off each”. */
    static String value(Value value, BigDecimal much, int digits) {
        return switch (value) {
            case PERCENT_OFF -> much.signum() < 0
                    ? Decimals.plain(much.negate(), 0) + " % added"
                    : Decimals.plain(much, 0) + " % off";
            case AMOUNT_OFF -> much.signum() < 0
                    ? Decimals.plain(much.negate(), digits) + " added"
                    : Decimals.plain(much, digits) + " off";
            case AMOUNT_OFF_EACH -> Decimals.plain(much, digits) + " off each";
            case PRICE_EACH -> Decimals.plain(much, digits) + " each";
            case FREE -> "free";
        };
    }

    /** “ of 80.55”, what is left of some lines before a deal acts on them. */
    static String of(Basket basket, int[] lines, long[] left) {
        long sum = 0;
        for (int line : lines) {
            sum += left[line];
        }
        return ", on " + basket.money(sum).toPlainString();
    }

    /** What must be given or picked instead of what was. */
    static String payment(@Nullable String picked, String wanted) {
        return "for payment by " + wanted + (picked == null ? "" : ", not by " + picked);
    }

    static String more(long pieces) {
        return pieces == 1 ? "1 more piece" : pieces + " more pieces";
    }
}
