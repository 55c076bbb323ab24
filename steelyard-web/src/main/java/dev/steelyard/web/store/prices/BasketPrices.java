package dev.steelyard.web.store.prices;

import dev.steelyard.core.deal.Dealt;
import dev.steelyard.core.deal.Occasion;
import dev.steelyard.core.number.Rounding;
import dev.steelyard.core.pricing.LineResult;
import dev.steelyard.core.pricing.OrderLine;
import dev.steelyard.core.pricing.PricedBasket;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.PriceCounts;
import dev.steelyard.web.selling.announced.Reductions;
import dev.steelyard.web.selling.codes.CodeStanding;
import dev.steelyard.web.selling.codes.Codes;
import dev.steelyard.web.selling.shown.CodeWords;
import dev.steelyard.web.selling.shown.DealText;
import dev.steelyard.web.selling.shown.Unlocks;
import dev.steelyard.words.Words;
import java.math.BigDecimal;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Prices baskets by a book, as the counter prices them. The database is asked for codes of lists only. */
@Service
public class BasketPrices {

    private final Prices prices;
    private final PriceCounts counts;
    private final Codes codes;

    private final Reductions reductions;

    BasketPrices(Prices prices, PriceCounts counts, Codes codes, Reductions reductions) {
        this.reductions = reductions;
        this.prices = prices;
        this.counts = counts;
        this.codes = codes;
    }

    /**
     * A basket with its price.
     *
     * @param at the moment prices are for
     */
    public record Priced(
            BasketRequest request,
            PricedBasket basket,
            Occasion occasion,
            CodeStanding standing,
            ZonedDateTime at,
            BookInForce book) {}

    public Priced price(BasketRequest request, BookInForce book) {
        ZonedDateTime at = request.at() == null ? prices.now(book) : request.at();
        CodeStanding standing = codes.standing(request.codes(), null);
        Occasion occasion = Occasion.of(request.customer().customer(), request.payment(), request.codes(), at)
                .withCodesOf(standing.counting());
        List<OrderLine> lines = request.lines().stream().map(AskedLine::line).toList();
        List<LineResult> results = new ArrayList<>(book.book().explain(lines, occasion.customer(), at));
        for (int i = 0; i < results.size(); i++) {
            LineResult refused = request.lines().get(i).refused();
            if (refused != null) {
                results.set(i, refused);
            }
        }
        counts.count(results);
        return new Priced(request, book.book().settle(results, occasion, true), occasion, standing, at, book);
    }

    public BasketAnswer answer(Priced priced, Words words) {
        PricedBasket basket = priced.basket();
        BookInForce book = priced.book();
        BasketRequest request = priced.request();
        LineAnswers answers = new LineAnswers(
                book, priced.occasion().customer(), priced.at(), words, request.reckoning(), reductions);
        List<LineAnswer> lines = new ArrayList<>();
        for (int i = 0; i < basket.lines().size(); i++) {
            lines.add(answers.of(request.lines().get(i), basket, i));
        }
        return new BasketAnswer(
                book.revision(),
                priced.at().toInstant().truncatedTo(ChronoUnit.MILLIS),
                book.shop().currency(),
                request.customer(),
                lines,
                basket.sellable(),
                basket.before().toString(),
                basket.total().toString(),
                basket.toPay().toString(),
                basket.dealt().used().stream()
                        .map(used -> used(used, basket, book.shop().rules().rounding(), words))
                        .toList(),
                unused(basket.dealt(), words),
                unlocks(priced, words),
                request.codes().stream()
                        .map(code -> CodeWords.of(code, priced.standing(), basket.dealt(), book, words))
                        .map(code -> new BasketAnswer.Code(code.code(), code.counts(), code.words()))
                        .toList(),
                tax(basket),
                basket.fault() == null ? null : LineAnswers.fault(basket.fault(), words));
    }

    private static BasketAnswer.DealUsed used(Dealt.Used used, PricedBasket basket, Rounding rounding, Words words) {
        List<String> shares = new ArrayList<>();
        for (int i = 0; i < basket.lines().size(); i++) {
            int place = basket.places().indexOf(i);
            shares.add(
                    place < 0
                            ? rounding.lineTotal(BigDecimal.ZERO).toString()
                            : used.shares().get(place).toString());
        }
        return new BasketAnswer.DealUsed(
                used.deal().name(),
                words.in(used.deal().words()),
                used.saved().toString(),
                words.say(used.detail()),
                shares);
    }

    private static List<BasketAnswer.DealUnused> unused(Dealt dealt, Words words) {
        return DealText.unused(dealt).stream()
                .filter(one -> one.why() != Dealt.Why.CODE)
                .map(one -> new BasketAnswer.DealUnused(
                        one.deal().name(),
                        words.in(one.deal().words()),
                        one.why().name().toLowerCase(Locale.ROOT).replace('_', '-'),
                        words.say(one.detail())))
                .toList();
    }

    private static List<BasketAnswer.Unlock> unlocks(Priced priced, Words words) {
        List<OrderLine> lines =
                priced.request().lines().stream().map(AskedLine::line).toList();
        return Unlocks.of(lines, place -> true, priced.occasion(), priced.basket(), priced.book(), words).stream()
                .map(one -> new BasketAnswer.Unlock(
                        one.next().deal().name(),
                        one.words(),
                        one.button(),
                        one.line(),
                        one.sku(),
                        one.quantity(),
                        one.pays(),
                        one.toPay().toString()))
                .toList();
    }

    private static BasketAnswer.@Nullable Tax tax(PricedBasket basket) {
        return basket.tax() == null
                ? null
                : new BasketAnswer.Tax(
                        basket.tax().included(),
                        basket.tax().rates().stream()
                                .map(rate -> new BasketAnswer.Rate(
                                        rate.rate().toPlainString(),
                                        rate.of().toString(),
                                        rate.tax().toString()))
                                .toList());
    }
}
