package dev.steelyard.web.selling.counter;

import dev.steelyard.core.deal.Dealt;
import dev.steelyard.core.deal.Dealt.Used;
import dev.steelyard.core.deal.Dealt.Why;
import dev.steelyard.core.pricing.PricedBasket;
import dev.steelyard.core.tax.Tax;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.selling.shown.AsSeen;
import dev.steelyard.web.selling.shown.CodeWords;
import dev.steelyard.web.selling.shown.DealText;
import dev.steelyard.web.selling.shown.DealText.UsedLine;
import dev.steelyard.web.selling.shown.Unlocks;
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
        List<CodeWords.Code> codes,
        @Nullable String without,
        List<TaxLine> tax,
        @Nullable String total,
        String currency,
        @Nullable String refusal,
        boolean withoutTax) {

    private static final Set<Why> TOLD =
            EnumSet.of(Why.PAYMENT, Why.TOO_LITTLE, Why.CONTAINS, Why.ANOTHER_GIVES_MORE, Why.COUNTRY);

    /** The tax of one rate. */
    public record TaxLine(String words, String tax) {}

    /** Each line with its reckoning, and what would unlock more. */
    static BasketView withHints(PricedPicks priced) {
        Shopper shopper = priced.shopper();
        return of(
                priced,
                Unlocks.of(
                                shopper.offered(priced.book()).stream()
                                        .map(Shopper.Offered::line)
                                        .toList(),
                                place -> shopper.picked().get(place).variants().isEmpty(),
                                shopper.occasion(),
                                priced.basket(),
                                priced.book(),
                                shopper.words())
                        .stream()
                        .map(unlock -> Hint.of(unlock, shopper))
                        .toList());
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

    private static List<CodeWords.Code> codes(Shopper shopper, Dealt dealt, BookInForce book) {
        return shopper.codes().stream()
                .map(code -> CodeWords.of(code, shopper.codeStanding(), dealt, book, shopper.words()))
                .toList();
    }
}
