package dev.steelyard.web.selling.counter;

import dev.steelyard.core.deal.Conditions;
import dev.steelyard.core.deal.Dealt;
import dev.steelyard.core.deal.Dealt.Used;
import dev.steelyard.core.deal.Dealt.Why;
import dev.steelyard.core.pricing.PricedBasket;
import dev.steelyard.core.tax.Tax;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.selling.shown.AsSeen;
import dev.steelyard.web.selling.shown.DealText;
import dev.steelyard.web.selling.shown.DealText.UsedLine;
import dev.steelyard.words.Words;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A priced basket as shown.
 *
 * @param goods what the lines come to before deals; none where no deal counts
 * @param deals that count
 * @param hints what would unlock more
 * @param passed deals that do not count, each with why, as far as a shopper may know
 * @param codes typed
 * @param without what is paid without tax, for customers who see prices so; none for others
 * @param tax “19 % tax contained: 13.22”
 * @param total what is paid; none where there is nothing, or it is too large to be sold
 * @param withoutTax whether the lines, goods and deals are without tax
 * @param refusal why the basket as a whole cannot be ordered; none where it can
 */
public record BasketView(
        List<BasketLineView> lines,
        @Nullable String goods,
        List<UsedLine> deals,
        List<Hint> hints,
        List<String> passed,
        List<Code> codes,
        @Nullable String without,
        List<TaxLine> tax,
        @Nullable String total,
        String currency,
        @Nullable String refusal,
        boolean withoutTax) {

    private static final Set<Why> TOLD =
            EnumSet.of(Why.PAYMENT, Why.TOO_LITTLE, Why.CONTAINS, Why.ANOTHER_GIVES_MORE, Why.COUNTRY);

    /**
     * A code that was typed.
     *
     * @param counts whether its deal counts now
     * @param words what it gives, or why it does not
     */
    public record Code(String code, boolean counts, String words) {}

    /** The tax of one rate. */
    public record TaxLine(String words, String tax) {}

    /** Each line with its reckoning, and what would unlock more. */
    static BasketView withHints(PricedPicks priced) {
        return of(priced, Unlocks.of(priced.shopper(), priced.basket(), priced.book()));
    }

    /** The same without looking for more. */
    public static BasketView of(PricedPicks priced) {
        return of(priced, List.of());
    }

    private static BasketView of(PricedPicks picks, List<Hint> hints) {
        Shopper shopper = picks.shopper();
        PricedBasket priced = picks.basket();
        BookInForce book = picks.book();
        Words words = shopper.words();
        int minor = book.shop().minorDigits();
        boolean net = seesWithout(shopper, priced, book);
        List<BasketLineView> lines = BasketLineView.of(picks, net);
        boolean tooLarge = priced.places().isEmpty() && priced.fault() != null;
        Dealt dealt = priced.dealt();
        Map<Used, BigDecimal> saved = new LinkedHashMap<>();
        dealt.used()
                .forEach(used -> saved.put(
                        used,
                        net
                                ? Nets.saved(used, priced, shopper, book)
                                : used.saved().value()));
        BigDecimal goods = net
                ? saved.values().stream().reduce(net(priced), BigDecimal::add)
                : priced.before().value();
        return new BasketView(
                lines,
                dealt.used().isEmpty() ? null : words.number(goods, minor),
                saved.entrySet().stream()
                        .map(used -> DealText.used(used.getKey(), used.getValue(), !net, minor, words))
                        .toList(),
                hints,
                passed(dealt, words),
                codes(shopper, dealt, book),
                net ? words.number(net(priced), minor) : null,
                tax(priced.tax(), minor, words),
                tooLarge || lines.isEmpty() ? null : words.number(priced.toPay().value(), minor),
                book.shop().currency(),
                refusal(lines, priced, words),
                AsSeen.withoutTax(shopper.customer(), book));
    }

    /** Whether a shopper is shown the lines without tax. */
    private static boolean seesWithout(Shopper shopper, PricedBasket priced, BookInForce book) {
        return priced.tax() != null
                && priced.tax().included()
                && book.book().tax() != null
                && book.book().tax().seesWithout(shopper.group());
    }

    private static BigDecimal net(PricedBasket priced) {
        Tax tax = priced.tax();
        return tax == null ? priced.total().value() : priced.total().value().subtract(tax.sum());
    }

    private static @Nullable String refusal(List<BasketLineView> lines, PricedBasket priced, Words words) {
        if (lines.isEmpty()) {
            return words.text("basket.empty");
        }
        if (lines.stream().anyMatch(line -> line.refusal() != null)) {
            return words.text("basket.something-wrong");
        }
        if (priced.fault() == null) {
            return null;
        }
        return priced.places().isEmpty()
                ? words.text("basket.too-large")
                : words.sentence(priced.fault().what()) + ".";
    }

    private static List<TaxLine> tax(@Nullable Tax tax, int minor, Words words) {
        List<TaxLine> lines = new ArrayList<>();
        if (tax != null) {
            for (Tax.OfRate rate : tax.rates()) {
                lines.add(new TaxLine(
                        words.text(
                                tax.included() ? "tax.contained" : "tax.on",
                                "rate",
                                words.number(rate.rate(), 0),
                                "money",
                                words.number(rate.of().value(), minor)),
                        words.number(rate.tax().value(), minor)));
            }
        }
        return lines;
    }

    private static List<String> passed(Dealt dealt, Words words) {
        return dealt.unused().stream()
                .filter(unused -> TOLD.contains(unused.why())
                        && !unused.deal().asksForCode()
                        && !unused.deal().charges())
                .map(unused -> words.text(
                        "deal.not", "deal", words.in(unused.deal().words()), "why", words.say(unused.detail())))
                .toList();
    }

    private static List<Code> codes(Shopper shopper, Dealt dealt, BookInForce book) {
        return shopper.codes().stream()
                .map(code -> code(code, shopper, dealt, book))
                .toList();
    }

    private static Code code(String code, Shopper shopper, Dealt dealt, BookInForce book) {
        Words words = shopper.words();
        String spent = shopper.codeStanding().spent().get(code);
        if (spent != null) {
            return new Code(code, false, words.text(spent));
        }
        String list = shopper.codeStanding().lists().get(code);
        for (Dealt.Used used : dealt.used()) {
            if (isOf(used.deal().conditions(), code, list)) {
                UsedLine line = DealText.used(
                        used, used.saved().value(), true, book.shop().minorDigits(), words);
                return new Code(code, true, words.text("code.gives", "deal", line.words(), "money", line.saved()));
            }
        }
        return dealt.unused().stream()
                .filter(unused -> isOf(unused.deal().conditions(), code, list))
                .findFirst()
                .map(unused -> new Code(code, false, words.say(unused.detail())))
                .orElseGet(() -> new Code(code, false, words.text("code.gone")));
    }

    /** @param list of which the code is; none for a code of its own */
    private static boolean isOf(Conditions asked, String code, @Nullable String list) {
        return asked.code() != null && Conditions.normal(asked.code()).equals(code)
                || list != null && list.equals(asked.codeList());
    }
}
