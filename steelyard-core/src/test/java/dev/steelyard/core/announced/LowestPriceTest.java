package dev.steelyard.core.announced;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.card.Audience;
import dev.steelyard.core.card.Covers;
import dev.steelyard.core.card.GoodsRule;
import dev.steelyard.core.card.GoodsSet;
import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.card.Times;
import dev.steelyard.core.deal.Deal;
import dev.steelyard.core.deal.Gives;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.ladder.PriceRows;
import dev.steelyard.core.ladder.Validity;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.PriceBook;
import dev.steelyard.core.testing.RandomCards;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

class LowestPriceTest {

    private static final ZoneId BERLIN = ZoneId.of("Europe/Berlin");

    private static PriceSpan span(String price, String from, @Nullable String until) {
        return new PriceSpan(money(price), at(from), until == null ? null : at(until));
    }

    /** A moment on a clock in Berlin. */
    private static Instant at(String local) {
        return LocalDateTime.parse(local).atZone(BERLIN).toInstant();
    }

    private static BigDecimal money(String digits) {
        return new BigDecimal(digits);
    }

    private static Announced reduced(String price) {
        return new Announced(money(price), null, true);
    }

    /** 15.00 until 20 May, 13.50 for three days, 15.00 again, 12.00 from 1 June: the lowest of the 30 days before is 13.50. */
    @Test
    void theLowestOfTheThirtyDaysBeforeIsNamedNotTheLastOne() {
        List<PriceSpan> spans = List.of(
                span("15.00", "2027-01-01T00:00", "2027-05-20T00:00"),
                span("13.50", "2027-05-20T00:00", "2027-05-23T00:00"),
                span("15.00", "2027-05-23T00:00", "2027-06-01T00:00"),
                span("12.00", "2027-06-01T00:00", null));

        assertThat(LowestPrice.before(spans, reduced("12.00"), BERLIN)).hasValue(money("13.50"));
    }

    /** 30 days before 1 June begin with 2 May: what ended as 1 May did counts no more, what was there on 2 May does. */
    @Test
    void daysAreCountedWholeAndTheThirtyFirstCountsNoMore() {
        List<PriceSpan> ended = List.of(
                span("10.00", "2027-04-01T00:00", "2027-05-02T00:00"),
                span("15.00", "2027-05-02T00:00", "2027-06-01T00:00"),
                span("12.00", "2027-06-01T00:00", null));
        List<PriceSpan> inside = List.of(
                span("10.00", "2027-04-01T00:00", "2027-05-02T00:01"),
                span("15.00", "2027-05-02T00:01", "2027-06-01T00:00"),
                span("12.00", "2027-06-01T00:00", null));

        assertThat(LowestPrice.before(ended, reduced("12.00"), BERLIN)).hasValue(money("15.00"));
        assertThat(LowestPrice.before(inside, reduced("12.00"), BERLIN))
                .as("it was as low within those days")
                .isEmpty();
    }

    /** The clocks go forward on 28 March 2027: 30 days before 10 April begin on 11 March at midnight in Berlin all the same. */
    @Test
    void daysAreThoseOfTheShopWhereClocksChange() {
        List<PriceSpan> spans = List.of(
                span("13.00", "2027-01-01T00:00", "2027-03-11T00:00"),
                span("15.00", "2027-03-11T00:00", "2027-04-10T00:00"),
                span("12.00", "2027-04-10T00:00", null));

        assertThat(LowestPrice.before(spans, reduced("12.00"), BERLIN)).hasValue(money("15.00"));
        assertThat(LowestPrice.before(
                        List.of(
                                span("13.00", "2027-01-01T00:00", "2027-03-11T00:30"),
                                span("15.00", "2027-03-11T00:30", "2027-04-10T00:00"),
                                span("12.00", "2027-04-10T00:00", null)),
                        reduced("12.00"),
                        BERLIN))
                .hasValue(money("13.00"));
    }

    @Test
    void whatIsLoweredForGoodOrRaisedNamesNoPrice() {
        List<PriceSpan> lowered =
                List.of(span("15.00", "2027-01-01T00:00", "2027-06-01T00:00"), span("12.00", "2027-06-01T00:00", null));

        assertThat(LowestPrice.before(lowered, new Announced(money("12.00"), null, false), BERLIN))
                .isEmpty();
        assertThat(LowestPrice.before(
                        List.of(
                                span("12.00", "2027-01-01T00:00", "2027-06-01T00:00"),
                                span("15.00", "2027-06-01T00:00", null)),
                        reduced("15.00"),
                        BERLIN))
                .isEmpty();
        assertThat(LowestPrice.before(List.of(span("12.00", "2027-06-01T00:00", null)), reduced("12.00"), BERLIN))
                .as("nothing is known of before")
                .isEmpty();
    }

    @Test
    void eachDayHasTheLowestPriceOfItsMoments() {
        List<PriceSpan> spans = List.of(
                span("15.00", "2027-05-30T10:00", "2027-05-31T12:00"),
                span("13.00", "2027-05-31T12:00", "2027-05-31T18:00"),
                span("15.00", "2027-05-31T18:00", null));

        assertThat(LowestPrice.byDay(spans, LocalDate.of(2027, 5, 29), LocalDate.of(2027, 6, 1), BERLIN))
                .containsExactly(
                        Map.entry(LocalDate.of(2027, 5, 30), money("15.00")),
                        Map.entry(LocalDate.of(2027, 5, 31), money("13.00")),
                        Map.entry(LocalDate.of(2027, 6, 1), money("15.00")));
    }

    private static final AnnouncedPrices.OwnTimes ALWAYS = new AnnouncedPrices.OwnTimes() {
        @Override
        public Times of(PreparedCard card) {
            return card.card().covers().times();
        }

        @Override
        public Times of(Deal deal) {
            return deal.conditions().times();
        }
    };

    /** A brush at 15.00, from one piece at 12.00 in April 2027, and for a boatyard at 10.00. */
    @Test
    void aDatedRowLowersWhatEveryonePaysAndAGroupsRowDoesNot() {
        Validity april = new Validity(LocalDate.of(2027, 4, 1), LocalDate.of(2027, 5, 1));
        PriceRows rows = PriceRows.of(
                Over.LINE,
                List.of(
                        new Break(1, money("12.00"), null, april),
                        new Break(1, money("10.00"), "Boatyard", Validity.ALWAYS)));
        Product brush =
                Product.of(new Sku("BRU-1"), "Deck brush", money("15.00")).withOwnRows(rows);
        PriceBook book = PriceBook.of(RandomCards.EURO, List.of(), List.of(brush));
        AnnouncedPrices prices = new AnnouncedPrices(book, ALWAYS, null);

        ZonedDateTime march = ZonedDateTime.of(2027, 3, 31, 23, 59, 59, 0, BERLIN);
        assertThat(prices.of(brush.items().get(0), march)).hasValue(new Announced(money("15.00"), null, false));
        assertThat(prices.of(brush.items().get(0), march.plusSeconds(1)))
                .hasValue(new Announced(money("12.00"), null, true));
        assertThat(prices.of(brush.items().get(0), march.plusDays(30).plusSeconds(1)))
                .hasValue(new Announced(money("15.00"), null, false));
    }

    /** A tenth off everything in June 2027: 13.50 for the brush, by the deal's period. */
    @Test
    void aDealWithAPeriodLowersWhatEveryonePays() {
        Product brush = Product.of(new Sku("BRU-1"), "Deck brush", money("15.00"));
        Times june = Times.days(LocalDate.of(2027, 6, 1), LocalDate.of(2027, 7, 1), BERLIN);
        Gives tenth = new Gives.OnLadder(
                Gives.Counts.PIECES,
                GoodsSet.EVERYTHING,
                Gives.Value.PERCENT_OFF,
                List.of(new Gives.Row(BigDecimal.ONE, BigDecimal.TEN)));
        Deal deal = Deal.of("June", tenth);
        PriceBook open = PriceBook.of(
                RandomCards.EURO, List.of(), List.of(deal.when(deal.conditions().at(june))), null, List.of(brush));

        ZonedDateTime first = ZonedDateTime.of(2027, 6, 1, 0, 0, 0, 0, BERLIN);
        AnnouncedPrices prices = new AnnouncedPrices(open, ALWAYS, null);
        assertThat(prices.of(brush.items().get(0), first)).hasValue(new Announced(money("13.50"), null, true));
        assertThat(prices.of(brush.items().get(0), first.minusSeconds(1)))
                .hasValue(new Announced(money("15.00"), null, false));
    }

    /** Rope at 3.10 a metre, sold from half a metre: one metre is announced; in April 2027 another card has it at 2.60. */
    @Test
    void oneUnitOfWhatIsMeasuredIsAnnouncedAndACardWithAPeriodLowersIt() {
        Product rope = Product.of(new Sku("ROPE-12"), "Rope", null);
        Times april = Times.days(LocalDate.of(2027, 4, 1), LocalDate.of(2027, 5, 1), BERLIN);
        PriceBook book = PriceBook.of(
                RandomCards.EURO, List.of(byTheMetre("2.60", april), byTheMetre("3.10", Times.ALWAYS)), List.of(rope));
        AnnouncedPrices prices = new AnnouncedPrices(book, ALWAYS, null);

        ZonedDateTime march = ZonedDateTime.of(2027, 3, 31, 23, 59, 0, 0, BERLIN);
        assertThat(prices.of(rope.items().get(0), march)).hasValue(new Announced(money("3.10"), Unit.M, false));
        assertThat(prices.of(rope.items().get(0), march.plusMinutes(1)))
                .hasValue(new Announced(money("2.60"), Unit.M, true));
    }

    /** Rope at 3.10 a metre, from half a metre at 2.80 in April 2027, of which the rate's own break says so. */
    @Test
    void aDatedBreakOfARateLowersWhatEveryonePaysForATime() {
        Product rope = Product.of(new Sku("ROPE-12"), "Rope", null);
        Validity april = new Validity(LocalDate.of(2027, 4, 1), LocalDate.of(2027, 5, 1));
        List<Break> rows = List.of(
                new Break(money("0.5"), money("2.80"), null, april),
                new Break(50, money("2.50"), null, Validity.ALWAYS));
        ZonedDateTime march = ZonedDateTime.of(2027, 3, 31, 23, 59, 0, 0, BERLIN);
        for (boolean slices : List.of(false, true)) {
            PiecePrice.Rate rate = new PiecePrice.Rate(
                    "length", Unit.M, money("3.10"), null, null, null, new PiecePrice.RateBreaks(slices, rows));
            PriceBook book = PriceBook.of(RandomCards.EURO, List.of(byTheMetre(rate, Times.ALWAYS)), List.of(rope));
            AnnouncedPrices prices = new AnnouncedPrices(book, ALWAYS, null);

            assertThat(prices.of(rope.items().get(0), march)).hasValue(new Announced(money("3.10"), Unit.M, false));
            assertThat(prices.of(rope.items().get(0), march.plusMinutes(1)))
                    .hasValue(new Announced(money(slices ? "2.95" : "2.80"), Unit.M, true));
        }
    }

    private static PreparedCard byTheMetre(String price, Times times) {
        return byTheMetre(PiecePrice.Rate.of("length", Unit.M, price), times);
    }

    private static PreparedCard byTheMetre(PiecePrice.Rate rate, Times times) {
        Measurement length = new Measurement(
                "length",
                "Length",
                Measurement.Type.LENGTH,
                Unit.M,
                List.of(),
                money("0.5"),
                null,
                money("0.5"),
                null,
                false,
                null,
                null,
                null);
        return PreparedCard.prepare(
                        RateCard.named("Rope at " + rate.price())
                                .asks(List.of(length))
                                .covers(new Covers(GoodsRule.EVERYTHING, Set.of(), Audience.EVERYONE, times))
                                .piece(rate)
                                .build(),
                        "EUR")
                .orThrow();
    }
}
