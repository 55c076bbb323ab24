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
import dev.steelyard.core.pricing.PriceBook;
import dev.steelyard.core.said.DealSays;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Wording;
import dev.steelyard.words.Words;
import java.math.BigDecimal;
import java.util.List;
import java.util.function.Function;

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
    public static UsedLine used(Used used, BigDecimal saved, boolean detailed, int minorDigits, Words words) {
        return new UsedLine(
                used.deal().name(),
                words.in(used.deal().words()),
                words.number(saved.abs(), minorDigits),
                saved.signum() < 0,
                detailed ? words.say(used.detail()) : "");
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
    public static String reward(Value value, BigDecimal much, int minorDigits, Words words) {
        Part money = new Part.Money(much, minorDigits);
        return words.say(
                switch (value) {
                    case PERCENT_OFF -> Fact.of(DealSays.PERCENT_OFF, Part.number(much));
                    case AMOUNT_OFF -> Fact.of(DealSays.MONEY_OFF, money);
                    case AMOUNT_OFF_EACH -> Fact.of(DealSays.OFF_EACH, money);
                    case PRICE_EACH -> Fact.of(DealSays.EACH, money);
                    case FREE -> Fact.of(DealSays.FREE);
                });
    }

    /** What the given pieces of a deal are: “free”, “at half price”, “5.00 off”. */
    public static String given(BuyAndGet both, int minorDigits, Words words) {
        String money = words.number(both.amount(), minorDigits);
        return switch (both.value()) {
            case FREE -> words.text("given.free");
            case PERCENT_OFF -> both.amount().compareTo(HALF) == 0
                    ? words.text("given.half")
                    : words.text("given.percent", "percent", words.number(both.amount(), 0));
            case PRICE_EACH -> words.text("given.at", "money", money);
            case AMOUNT_OFF, AMOUNT_OFF_EACH -> words.text("given.off", "money", money);
        };
    }

    /** What would unlock a deal, as a sentence without its end: “Add 12.40 of Rope for 5 % off”. */
    public static String next(
            Next next, PriceBook book, Function<String, Wording> categories, int minorDigits, Words words) {
        String goods = next.goods().isEverything() ? "" : GoodsWords.of(next.goods(), book, categories, words);
        Gives gives = next.deal().gives();
        if (gives instanceof BuyAndGet both) {
            return given(next, both, goods, minorDigits, words);
        }
        Value value = ((OnLadder) gives).value();
        String reward = next.row() == null ? "" : reward(value, next.row().value(), minorDigits, words);
        return switch (next.need()) {
            case SPEND -> words.text(
                    "unlock.spend", "money", words.number(next.much(), minorDigits), "goods", goods, "reward", reward);
            case PRODUCTS, SKUS -> words.text(
                    "unlock.products", "much", next.much().longValue(), "goods", goods, "reward", reward);
            default -> words.text("unlock.pieces", "much", next.much().longValue(), "goods", goods, "reward", reward);
        };
    }

    private static String given(Next next, BuyAndGet both, String goods, int minorDigits, Words words) {
        String given = given(both, minorDigits, words);
        long much = next.much().longValue();
        if (both.buy().equals(both.get())) {
            return words.text("unlock.same", "much", much, "goods", goods, "pieces", both.getPieces(), "given", given);
        }
        String named = goods.isEmpty() ? words.text("goods.all") : goods;
        return next.need() == Next.Need.GET
                ? words.text("unlock.get", "goods", named, "given", given)
                : words.text("unlock.buy", "much", much, "goods", named, "given", given);
    }
}
