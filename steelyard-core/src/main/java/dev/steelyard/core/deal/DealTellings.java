package dev.steelyard.core.deal;

import dev.steelyard.core.deal.Gives.Counts;
import dev.steelyard.core.deal.Gives.Row;
import dev.steelyard.core.deal.Gives.Value;
import dev.steelyard.core.said.DealSays;
import dev.steelyard.core.said.Part;
import java.math.BigDecimal;

/** How a basket's deals are told. */
final class DealTellings {

    private DealTellings() {}

    /** “6 pieces”, “150.00”. */
    static Part counted(Counts counts, BigDecimal much, int digits) {
        return switch (counts) {
            case SPEND -> Part.of(DealSays.SPENT, new Part.Money(much, digits));
            case PIECES -> Part.of(DealSays.SO_MANY_PIECES, Part.count(much.longValueExact()));
            case PRODUCTS -> Part.of(DealSays.SO_MANY_PRODUCTS, Part.count(much.longValueExact()));
            case SKUS -> Part.of(DealSays.SO_MANY_KINDS, Part.count(much.longValueExact()));
        };
    }

    static Part threshold(Counts counts, BigDecimal much, int digits) {
        return counts == Counts.SPEND ? new Part.Money(much, digits) : Part.number(much);
    }

    /** “from 150.00”, “over 6”. */
    static Part from(Counts counts, Row row, int digits) {
        return Part.of(row.over() ? DealSays.OVER : DealSays.FROM, threshold(counts, row.from(), digits));
    }

    /** “5 % off”, “0.40 off each”. */
    static Part value(Value value, BigDecimal much, int digits) {
        boolean adds = much.signum() < 0;
        Part money = new Part.Money(much.abs(), digits);
        return switch (value) {
            case PERCENT_OFF -> Part.of(adds ? DealSays.PERCENT_ADDED : DealSays.PERCENT_OFF, Part.number(much.abs()));
            case AMOUNT_OFF -> Part.of(adds ? DealSays.MONEY_ADDED : DealSays.MONEY_OFF, money);
            case AMOUNT_OFF_EACH -> Part.of(DealSays.OFF_EACH, money);
            case PRICE_EACH -> Part.of(DealSays.EACH, money);
            case FREE -> Part.of(DealSays.FREE);
        };
    }

    /** What is left of some lines before a deal acts on them. */
    static Part of(Basket basket, int[] lines, long[] left) {
        long sum = 0;
        for (int line : lines) {
            sum += left[line];
        }
        return new Part.Money(basket.money(sum), basket.rounding().minorDigits());
    }

    /** “of one product” where that must reach a threshold by itself. */
    static Part apart(Apart apart) {
        return switch (apart) {
            case TOGETHER -> Part.NONE;
            case PRODUCT -> Part.of(DealSays.OF_ONE_PRODUCT);
            case SKU -> Part.of(DealSays.OF_ONE_KIND);
        };
    }
}
