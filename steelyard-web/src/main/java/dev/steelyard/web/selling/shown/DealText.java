package dev.steelyard.web.selling.shown;

import dev.steelyard.core.deal.Dealt;
import dev.steelyard.core.deal.Dealt.Unused;
import dev.steelyard.core.deal.Dealt.Used;
import dev.steelyard.core.deal.Dealt.Why;
import dev.steelyard.core.deal.Gives;
import dev.steelyard.core.deal.Gives.BuyAndGet;
import dev.steelyard.core.deal.Gives.OnLadder;
import dev.steelyard.core.deal.Gives.Value;
import dev.steelyard.core.deal.Next;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.pricing.PriceBook;
import dev.steelyard.web.base.page.Show;
import java.math.BigDecimal;
import java.util.List;

/** Deals in the words that shoppers and owners read. */
public final class DealText {

    private static final BigDecimal HALF = BigDecimal.valueOf(50);

    private DealText() {}

    /**
     * A deal that counts.
     *
     * @param name for the owner
     * @param words for the shopper
     * @param saved without its sign
     * @param adds whether it adds to the price
     * @param detail the figures it went by
     */
    public record UsedLine(String name, String words, String saved, boolean adds, String detail) {}

    /**
     * A deal that counts.
     *
     * @param saved as it is seen; below 0 where it adds
     * @param detailed whether the figures it went by are as they are seen too
     */
    public static UsedLine used(Used used, BigDecimal saved, boolean detailed, int minorDigits) {
        return new UsedLine(
                used.deal().name(),
                used.deal().words(),
                Show.money(saved.abs(), minorDigits),
                saved.signum() < 0,
                detailed ? used.detail() : "");
    }

    /** Deals not used, without a later version of one that another version of is there already. */
    public static List<Unused> unused(Dealt dealt) {
        return dealt.unused().stream()
                .filter(one -> one.why() != Why.NOT_YET
                        || dealt.used().stream().noneMatch(used -> used.deal()
                                        .name()
                                        .equals(one.deal().name()))
                                && dealt.unused().stream()
                                        .noneMatch(other -> other != one
                                                && other.deal()
                                                        .name()
                                                        .equals(one.deal().name())))
                .toList();
    }

    /** “5 % off”, “0.40 off each”, “6.00 each”. */
    public static String reward(Value value, BigDecimal much, int minorDigits) {
        return switch (value) {
            case PERCENT_OFF -> Decimals.plain(much, 0) + " % off";
            case AMOUNT_OFF -> Show.money(much, minorDigits) + " off";
            case AMOUNT_OFF_EACH -> Show.money(much, minorDigits) + " off each";
            case PRICE_EACH -> Show.money(much, minorDigits) + " each";
            case FREE -> "free";
        };
    }

    /** What the given pieces of a deal are: “free”, “at half price”, “5.00 off”. */
    public static String given(BuyAndGet both, int minorDigits) {
        return switch (both.value()) {
            case FREE -> "free";
            case PERCENT_OFF -> both.amount().compareTo(HALF) == 0
                    ? "at half price"
                    : Decimals.plain(both.amount(), 0) + " % off";
            case PRICE_EACH -> "at " + Show.money(both.amount(), minorDigits);
            case AMOUNT_OFF, AMOUNT_OFF_EACH -> Show.money(both.amount(), minorDigits) + " off";
        };
    }

    /** What would unlock a deal, as a sentence without its end: “Add 12.40 of Rope for 5 % off”. */
    public static String next(Next next, PriceBook book, int minorDigits) {
        String goods = GoodsWords.of(next.goods(), book);
        Gives gives = next.deal().gives();
        String much = Show.money(next.much(), 0);
        boolean one = next.much().compareTo(BigDecimal.ONE) == 0;
        if (gives instanceof BuyAndGet both) {
            return given(next, both, goods, one ? "One" : much, minorDigits);
        }
        Value value = ((OnLadder) gives).value();
        String reward =
                next.row() == null ? "" : " for " + reward(value, next.row().value(), minorDigits);
        return switch (next.need()) {
            case SPEND -> "Add " + Show.money(next.much(), minorDigits)
                    + (goods.equals("goods") ? " more" : " of " + goods) + reward;
            case PRODUCTS, SKUS -> (one ? "One more different product" : much + " more different products")
                    + (goods.equals("goods") ? "" : " of " + goods)
                    + reward;
            default -> (one ? "One more" : much + " more") + (goods.equals("goods") ? "" : " of " + goods) + reward;
        };
    }

    private static String given(Next next, BuyAndGet both, String goods, String much, int minorDigits) {
        boolean same = both.buy().equals(both.get());
        String many = both.getPieces() == 1 ? "the cheapest is " : "the cheapest " + both.getPieces() + " are ";
        if (same) {
            return much + " more" + (goods.equals("goods") ? "" : " of " + goods) + " and " + many
                    + given(both, minorDigits);
        }
        return next.need() == Next.Need.GET
                ? "Add one of " + goods + ": it is " + given(both, minorDigits)
                : much + " more of " + goods + " and another is " + given(both, minorDigits);
    }
}
