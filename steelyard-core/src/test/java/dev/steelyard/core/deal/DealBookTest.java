package dev.steelyard.core.deal;

import static dev.steelyard.core.deal.Lines.ANYONE;
import static dev.steelyard.core.deal.Lines.MONDAY_NOON;
import static dev.steelyard.core.deal.Lines.book;
import static dev.steelyard.core.deal.Lines.category;
import static dev.steelyard.core.deal.Lines.ladder;
import static dev.steelyard.core.deal.Lines.left;
import static dev.steelyard.core.deal.Lines.lines;
import static dev.steelyard.core.deal.Lines.skus;
import static dev.steelyard.core.deal.Lines.used;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.steelyard.core.card.Audience;
import dev.steelyard.core.card.CardState;
import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.GoodsSet;
import dev.steelyard.core.card.Times;
import dev.steelyard.core.deal.Conditions.Contained;
import dev.steelyard.core.deal.Deal.Combine;
import dev.steelyard.core.deal.Deal.Terms;
import dev.steelyard.core.deal.Dealt.Unused;
import dev.steelyard.core.deal.Dealt.Why;
import dev.steelyard.core.deal.Gives.BuyAndGet;
import dev.steelyard.core.deal.Gives.ByPayment;
import dev.steelyard.core.deal.Gives.Counts;
import dev.steelyard.core.deal.Gives.Value;
import dev.steelyard.core.number.Rounding;
import dev.steelyard.core.reckoning.Refused;
import dev.steelyard.core.tax.TaxRules;
import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.Currency;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DealBookTest {

    private static final GoodsSet ALL = GoodsSet.EVERYTHING;

    private static final Deal TEN_PERCENT = Deal.of("Ten", ladder(Counts.SPEND, ALL, Value.PERCENT_OFF, "0 10"));

    private static Deal buyAndGet(long buy, GoodsSet from, long get, GoodsSet to, Value value, String amount) {
        return Deal.of("Some more", new BuyAndGet(buy, from, get, to, value, new BigDecimal(amount), null));
    }

    private static Deal payment(String method, Value value, String amount) {
        return Deal.of("By " + method, new ByPayment(value, new BigDecimal(amount)))
                .when(Conditions.payment(method));
    }

    private static Occasion paidBy(@Nullable String method) {
        return new Occasion(Customer.EVERYONE, method, Set.of(), MONDAY_NOON);
    }

    private static Map<String, Why> unused(Dealt dealt) {
        return dealt.unused().stream()
                .collect(Collectors.toMap(one -> one.deal().name(), Unused::why));
    }

    @Test
    void aPriceEachIsNeverRaised() {
        Deal deal = Deal.of("Six each", ladder(Counts.PIECES, category("hw"), Value.PRICE_EACH, "3 6"));
        assertThat(left(book(deal).apply(lines("A 2 15.00 hw", "B 2 8.00 hw", "C 1 9.00 deck"), ANYONE)))
                .containsExactly("12.00", "8.00", "9.00");
    }

    @Test
    void piecesGivenFreeAreExactToTheEnd() {
        assertThat(left(book(buyAndGet(9, ALL, 3, ALL, Value.FREE, "0")).apply(lines("A 12 3.58"), ANYONE)))
                .as("3 of 12 pieces are 0.895 of 3.58")
                .containsExactly("2.68");
    }

    @Test
    void anAmountIsSharedExactlyToTheEnd() {
        Deal fee = payment("invoice", Value.AMOUNT_OFF, "-4.475");
        Dealt dealt = book(fee).apply(lines("A 1 37.90", "B 1 4.49", "C 1 97.14"), paidBy("invoice"));
        assertThat(dealt.used().get(0).saved()).hasToString("-4.48");
    }

    @Test
    void anAmountInTheDealsOwnTermsIsSharedExactlyToTheEnd() {
        Deal off = Deal.of("Off", ladder(Counts.SPEND, ALL, Value.AMOUNT_OFF, "0 2.50"))
                .amounts(Terms.WITHOUT_TAX);
        TaxRules tax = new TaxRules(true, Map.of(), false, Set.of());
        List<SoldLine> taxed = lines("A 1 37.90", "B 1 4.49", "C 1 97.14").stream()
                .map(line -> new SoldLine(line.item(), line.quantity(), line.total(), new BigDecimal("19")))
                .toList();
        Dealt dealt = DealBook.of(List.of(off), Rounding.of(Currency.getInstance("EUR")), tax)
                .apply(taxed, ANYONE);
        assertThat(dealt.used().get(0).saved()).as("2.50 × 1.19 is 2.975").hasToString("2.98");
    }

    @Test
    void kindsCountVariantsWhereProductsDoNot() {
        Deal deal = Deal.of("Two kinds", ladder(Counts.SKUS, ALL, Value.AMOUNT_OFF_EACH, "2 1"));
        assertThat(left(book(deal).apply(lines("A 2 15.00", "A 1 7.50"), ANYONE)))
                .containsExactly("15.00", "7.50");
        assertThat(left(book(deal).apply(lines("A 2 15.00", "B 1 7.50"), ANYONE)))
                .containsExactly("13.00", "6.50");
    }

    @Test
    void eachDealActsOnWhatTheOneBeforeItLeft() {
        Deal half = Deal.of("Half", ladder(Counts.SPEND, ALL, Value.PERCENT_OFF, "0 50"));
        Deal five = Deal.of("Five", ladder(Counts.SPEND, ALL, Value.AMOUNT_OFF, "100 5"));
        assertThat(left(book(half, five).apply(lines("A 1 60.00", "B 1 40.00"), ANYONE)))
                .as("the threshold looks at the totals before any deal")
                .containsExactly("27.00", "18.00");
        assertThat(left(book(five, half).apply(lines("A 1 60.00", "B 1 40.00"), ANYONE)))
                .containsExactly("28.50", "19.00");
    }

    @Test
    void anAmountOffIsAtMostWhatIsLeft() {
        Deal fifty = Deal.of("Fifty", ladder(Counts.SPEND, ALL, Value.AMOUNT_OFF, "0 50"));
        Dealt dealt = book(fifty, fifty).explain(lines("A 1 12.34", "B 3 0.01"), ANYONE);
        assertThat(left(dealt)).containsExactly("0.00", "0.00");
        assertThat(used(dealt)).hasSize(1);
        assertThat(dealt.unused()).singleElement().satisfies(one -> assertThat(one.why())
                .isEqualTo(Why.TAKES_NOTHING));
    }

    @ParameterizedTest
    @CsvSource({
        "1, 1, 1, 4.00", // the only piece cannot stand for itself
        "2, 1, 1, 4.00",
        "3, 1, 1, 8.00",
        "4, 1, 1, 8.00",
        "3, 2, 2, 8.00", // one is given, two stand for it
        "4, 2, 2, 8.00",
        "5, 3, 2, 12.00",
        "7, 2, 1, 20.00",
        "1000000, 1, 1, 2000000.00",
    })
    void theSameSet(long pieces, long buy, long get, String left) {
        Deal deal = buyAndGet(buy, ALL, get, ALL, Value.FREE, "0");
        List<SoldLine> basket = lines("A " + pieces + " " + BigDecimal.valueOf(4 * pieces) + ".00");
        assertThat(left(book(deal).apply(basket, ANYONE))).containsExactly(left);
    }

    @Test
    void theCheapestAreGivenAndOfEquallyCheapOnesTheLater() {
        Deal deal = buyAndGet(1, ALL, 1, ALL, Value.FREE, "0");
        assertThat(left(book(deal).apply(lines("A 1 5.00", "B 1 3.00", "C 1 5.00"), ANYONE)))
                .containsExactly("5.00", "0.00", "5.00");
        assertThat(left(book(deal).apply(lines("A 1 5.00", "B 1 5.00"), ANYONE)))
                .containsExactly("5.00", "0.00");
    }

    @Test
    void aPieceOfBothSetsThatIsGivenStandsForNone() {
        Deal deal = buyAndGet(2, skus("A", "B"), 1, skus("B", "C"), Value.FREE, "0");
        assertThat(left(book(deal).apply(lines("A 1 9.00", "B 1 4.00"), ANYONE)))
                .as("with the piece of B given, only one of A is left to stand for it")
                .containsExactly("9.00", "4.00");
        assertThat(left(book(deal).apply(lines("A 1 9.00", "B 1 4.00", "C 1 2.00"), ANYONE)))
                .containsExactly("9.00", "4.00", "0.00");
        assertThat(left(book(deal).apply(lines("A 2 18.00", "B 1 4.00"), ANYONE)))
                .containsExactly("18.00", "0.00");
    }

    @Test
    void whatIsGivenHasAPriceOrAnAmountOff() {
        Deal three = buyAndGet(1, skus("A"), 2, skus("B"), Value.PRICE_EACH, "3");
        Deal two = buyAndGet(1, skus("A"), 2, skus("B"), Value.AMOUNT_OFF_EACH, "2");
        List<SoldLine> basket = lines("A 1 10.00", "B 3 15.00");
        assertThat(left(book(three).apply(basket, ANYONE))).containsExactly("10.00", "11.00");
        assertThat(left(book(two).apply(basket, ANYONE))).containsExactly("10.00", "11.00");
        assertThat(left(book(two).apply(lines("A 1 10.00", "B 2 1.00"), ANYONE)))
                .containsExactly("10.00", "0.00");
    }

    @Test
    void oneThatStandsAloneIsUsedOnlyWhereItTakesOffMore() {
        Deal alone = Deal.of("Alone", ladder(Counts.SPEND, ALL, Value.PERCENT_OFF, "0 10"))
                .combined(Combine.STANDS_ALONE);
        Dealt tie = book(alone, TEN_PERCENT).explain(lines("A 1 10.00"), ANYONE);
        assertThat(used(tie)).as("ties go to those that add up").containsExactly("Ten");
        assertThat(tie.unused()).singleElement().satisfies(one -> {
            assertThat(one.why()).isEqualTo(Why.ANOTHER_GIVES_MORE);
            assertThat(one.detail()).hasToString("others-take-more(others: Ten, take: 1.00, alone: 1.00)");
        });
        Deal more = Deal.of("More", ladder(Counts.SPEND, ALL, Value.PERCENT_OFF, "0 11"))
                .combined(Combine.STANDS_ALONE);
        assertThat(used(book(alone, more, TEN_PERCENT).apply(lines("A 1 10.00"), ANYONE)))
                .containsExactly("More");
    }

    @Test
    void whatIsAddedComesLastAndIsNeverCompared() {
        Deal fee = payment("invoice", Value.AMOUNT_OFF, "-3");
        Deal alone = TEN_PERCENT.combined(Combine.STANDS_ALONE);
        Dealt dealt = book(fee, alone).apply(lines("A 1 20.00", "B 1 10.00"), paidBy("invoice"));
        assertThat(used(dealt)).containsExactly("Ten", "By invoice");
        assertThat(left(dealt)).containsExactly("20.00", "10.00");
        assertThat(dealt.used().get(1).saved()).hasToString("-3.00");
        assertThat(left(book(fee).apply(lines("A 1 0.00"), paidBy("invoice"))))
                .as("an amount is shared by what is left; on nothing it adds nothing")
                .containsExactly("0.00");
    }

    @Test
    void whatIsAddedWithoutEndIsRefused() {
        Deal fee = payment("invoice", Value.PERCENT_OFF, "-100");
        Deal[] many = new Deal[80];
        java.util.Arrays.fill(many, fee);
        assertThatThrownBy(() -> book(many).apply(lines("A 1 100.00"), paidBy("invoice")))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("basket-too-large-with-deal(deal: By invoice");
    }

    @ParameterizedTest
    @CsvSource({"SPRING26, true", "'  spring26 ', true", "Spring26, true", "SPRING2, false", "'', false"})
    void aCodeCountsWhateverItsCaseAndOuterSpaces(String typed, boolean counts) {
        DealBook book = book(TEN_PERCENT.when(Conditions.code("Spring26")));
        Occasion occasion = Occasion.of(Customer.EVERYONE, null, List.of(typed), MONDAY_NOON);
        assertThat(book.knowsCode(typed)).isEqualTo(counts);
        assertThat(book.apply(lines("A 1 10.00"), occasion).used()).hasSize(counts ? 1 : 0);
    }

    @Test
    void eachOneNotUsedSaysWhy() {
        Audience club = Audience.of("Crew club");
        Audience toFrance = new Audience(Set.of(), Set.of(), null, null, Set.of("FR"));
        Dealt dealt = book(
                        named("paused", Conditions.NONE).in(CardState.PAUSED),
                        named("ended", Conditions.NONE).in(CardState.ENDED),
                        named("group", Conditions.audience(club)),
                        named("country", Conditions.audience(toFrance)),
                        named("later", Conditions.NONE.at(Times.days(LocalDate.of(2026, 12, 1), null, ZoneOffset.UTC))),
                        named("over", Conditions.NONE.at(Times.days(null, LocalDate.of(2026, 11, 1), ZoneOffset.UTC))),
                        named(
                                "weekend",
                                Conditions.NONE.at(new Times(null, null, Set.of(DayOfWeek.SUNDAY), null, null))),
                        named(
                                "evening",
                                Conditions.NONE.at(new Times(null, null, Set.of(), LocalTime.of(18, 0), null))),
                        named("code", Conditions.code("X1")),
                        named("cash", Conditions.payment("cash")),
                        named(
                                "two ropes",
                                new Conditions(
                                        Audience.EVERYONE,
                                        Times.ALWAYS,
                                        null,
                                        null,
                                        null,
                                        List.of(new Contained(category("rope"), 2)))),
                        Deal.of("rope", ladder(Counts.PIECES, category("rope"), Value.PERCENT_OFF, "1 5")),
                        Deal.of("three", ladder(Counts.PIECES, ALL, Value.PERCENT_OFF, "3 5")),
                        Deal.of("fourth free", new BuyAndGet(3, ALL, 1, ALL, Value.FREE, BigDecimal.ZERO, null)))
                .explain(lines("A 1 10.00"), paidBy("card"));
        assertThat(dealt.used()).isEmpty();
        assertThat(unused(dealt))
                .containsEntry("paused", Why.PAUSED)
                .containsEntry("ended", Why.NO_LONGER)
                .containsEntry("group", Why.CUSTOMER)
                .containsEntry("country", Why.COUNTRY)
                .containsEntry("later", Why.NOT_YET)
                .containsEntry("over", Why.NO_LONGER)
                .containsEntry("weekend", Why.NOT_NOW)
                .containsEntry("evening", Why.NOT_NOW)
                .containsEntry("code", Why.CODE)
                .containsEntry("cash", Why.PAYMENT)
                .containsEntry("two ropes", Why.CONTAINS)
                .containsEntry("rope", Why.NO_GOODS)
                .containsEntry("three", Why.TOO_LITTLE)
                .containsEntry("fourth free", Why.TOO_LITTLE);
        assertThat(dealt.unused().stream().map(one -> one.detail().toString()))
                .contains(
                        "other-payment(wanted: cash, picked: card)",
                        "basket-lacks(pieces: 2)",
                        "more-needed(more: so-many-pieces(pieces: 2), from: from(threshold: 3))",
                        "buy-first(pieces: 3)");
    }

    private static Deal named(String name, Conditions conditions) {
        return Deal.of(name, TEN_PERCENT.gives()).when(conditions);
    }

    @Test
    void saysWhatWouldUnlockTheNext() {
        Deal spend = Deal.of("Spend", ladder(Counts.SPEND, category("rope"), Value.PERCENT_OFF, "20 5", "40 8"));
        Deal third = Deal.of("Third", new BuyAndGet(2, ALL, 1, ALL, Value.FREE, BigDecimal.ZERO, 1));
        Deal brush = buyAndGet(1, skus("A"), 1, skus("BRUSH"), Value.PERCENT_OFF, "50");
        List<Next> nexts = book(spend, third, brush)
                .explain(lines("A 2 27.60 rope"), ANYONE)
                .next();
        assertThat(nexts)
                .extracting(next -> next.deal().name() + " " + next.need() + " " + next.much())
                .containsExactly("Spend SPEND 12.40", "Third BUY 1", "Some more GET 1");
        assertThat(book(third).explain(lines("A 3 30.00"), ANYONE).next())
                .as("given once already, and at most once")
                .isEmpty();
    }

    @Test
    void amountsMayBeInOtherTermsThanThePrices() {
        TaxRules included = new TaxRules(true, Map.of(), false, Set.of());
        TaxRules added = new TaxRules(false, Map.of(), false, Set.of());
        Deal without = Deal.of("Ten", ladder(Counts.SPEND, ALL, Value.AMOUNT_OFF, "0 10"))
                .amounts(Terms.WITHOUT_TAX);
        Deal with = without.amounts(Terms.WITH_TAX);
        List<SoldLine> basket = List.of(taxed("A 1 120.00", "20"), taxed("B 1 107.00", "7"));
        assertThat(left(of(without, included).apply(basket, ANYONE)))
                .as("100 and 100 without tax: 5 off each, which is 6 and 5.35 with it")
                .containsExactly("114.00", "101.65");
        assertThat(left(of(with, included).apply(basket, ANYONE)))
                .as("10 shared by 120 and 107")
                .containsExactly("114.71", "102.29");
        List<SoldLine> net = List.of(taxed("A 1 100.00", "20"), taxed("B 1 200.00", "7"));
        assertThat(left(of(with, added).apply(net, ANYONE)))
                .as("10 shared by 120 and 214 is 3.593 and 6.407; without tax 2.994 and 5.988")
                .containsExactly("97.01", "194.01");
    }

    private static DealBook of(Deal deal, TaxRules tax) {
        return DealBook.of(List.of(deal), new Rounding(2, 2), tax);
    }

    private static SoldLine taxed(String text, String rate) {
        SoldLine line = Lines.line(text);
        return new SoldLine(line.item(), line.quantity(), line.total(), new BigDecimal(rate));
    }

    @Test
    void draftsAreLeftOut() {
        assertThat(book(TEN_PERCENT.in(CardState.DRAFT)).deals()).isEmpty();
    }
}
