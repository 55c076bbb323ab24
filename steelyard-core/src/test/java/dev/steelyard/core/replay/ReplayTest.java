package dev.steelyard.core.replay;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.card.OtherUnit;
import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.card.RateCardBuilder;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.deal.Occasion;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Ladder;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.ladder.PriceRows;
import dev.steelyard.core.prepared.Answers;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.OrderLine;
import dev.steelyard.core.pricing.PriceBook;
import dev.steelyard.core.pricing.PricedBasket;
import dev.steelyard.core.replay.Replayed.Change;
import dev.steelyard.core.testing.RandomCards;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ReplayTest {

    private static final ZonedDateTime AT = ZonedDateTime.of(2027, 4, 15, 12, 0, 0, 0, ZoneOffset.UTC);
    private static final Sku SHACKLE = new Sku("SHK-8");
    private static final Sku BRUSH = new Sku("BRU-1");

    /** Shackles with own rows, each “from price”, and brushes at 15.00 that cost 8.20. */
    private static PriceBook book(String... rows) {
        List<Break> breaks = Stream.of(rows)
                .map(row -> row.split(" "))
                .map(row -> Break.everyone(Integer.parseInt(row[0]), new BigDecimal(row[1])))
                .toList();
        Product shackle = Product.of(SHACKLE, "Bow shackle, 8 mm", new BigDecimal("7.40"))
                .withOwnRows(PriceRows.of(Over.LINE, breaks));
        Product brush = new Product(
                BRUSH, "Deck brush", new BigDecimal("15.00"), new BigDecimal("8.20"), null, null, List.of());
        return PriceBook.of(RandomCards.EURO, List.of(), List.of(shackle, brush));
    }

    private static SoldBasket sold(long id, @Nullable String group, PriceBook by, OrderLine... lines) {
        Occasion occasion = Occasion.of(new Customer(group), AT);
        List<OrderLine> all = List.of(lines);
        return new SoldBasket(
                id, all, occasion, by.basket(all, occasion).total().value());
    }

    private static Replayed replay(
            PriceBook now, PriceBook other, Assumption assumption, @Nullable String bound, List<SoldBasket> baskets) {
        Replay replay = new Replay(now, List.of(other), assumption, bound == null ? null : new BigDecimal(bound));
        baskets.forEach(replay::add);
        return replay.all().get(0);
    }

    private static BigDecimal money(String digits) {
        return new BigDecimal(digits);
    }

    /** 12 shackles: 12 × 6.90 = 82.80 now; under a break at 12 of 6.50, 78.00. */
    @Test
    void aBreakThatIsMovedIsHeldAgainstEachOrder() {
        PriceBook now = book("10 6.90", "25 6.20");
        PriceBook draft = book("12 6.50", "25 6.20");

        Replayed replayed = replay(
                now,
                draft,
                Assumption.SAME,
                "5",
                List.of(
                        sold(1, null, now, new OrderLine(SHACKLE, 12)),
                        sold(2, "Boatyard", now, new OrderLine(SHACKLE, 10)),
                        sold(3, null, now, new OrderLine(SHACKLE, 25), new OrderLine(BRUSH, 1))));

        assertThat(replayed.now().whole().turnover()).isEqualByComparingTo("321.80"); // 82.80 + 69.00 + 155.00 + 15.00
        assertThat(replayed.other().whole().turnover()).isEqualByComparingTo("322.00"); // 78.00 + 74.00 + 170.00
        assertThat(replayed.then()).isEqualByComparingTo("321.80");
        assertThat(replayed.now().whole().reduced()).isEqualByComparingTo("41.00"); // 6.00 + 5.00 + 30.00
        assertThat(replayed.other().whole().reduced()).isEqualByComparingTo("40.80"); // 10.80 + 30.00
        assertThat(replayed.most())
                .containsExactly(
                        new Change(2, money("69.00"), money("74.00")), new Change(1, money("82.80"), money("78.00")));
        assertThat(replayed.dearer()).isEqualTo(1);
        assertThat(replayed.over()).as("74.00 is 7.2 % over 69.00").isEqualTo(1);
        assertThat(replayed.overMost()).extracting(Change::id).containsExactly(2L);
        assertThat(replayed.other().breaks().keySet().stream()
                        .filter(at -> at.card().equals("Shelf price"))
                        .map(AtBreak::from))
                .containsExactlyInAnyOrder(null, money("12"), money("25"));
        assertThat(replayed.now().whole().margin())
                .as("brush without tax: 6.80 of 15.00")
                .isEqualByComparingTo("45.3");
    }

    @Test
    void aBoundIsPassedByMoreThanItsPercentageOnly() {
        PriceBook now = book("10 6.00");

        Replayed replayed = replay(
                now, book("10 6.60"), Assumption.SAME, "10", List.of(sold(1, null, now, new OrderLine(SHACKLE, 10))));

        assertThat(replayed.dearer()).isEqualTo(1);
        assertThat(replayed.over()).isZero();
    }

    /** 9 shackles are 10 % below 10; half of such lines take up: (9 × 7.40 + 10 × 5.00) / 2 = 58.30. */
    @Test
    void ofThoseNearANewBreakSomeTakeUpToIt() {
        PriceBook now = book("25 4.00");
        PriceBook draft = book("10 5.00", "25 4.00");
        List<SoldBasket> baskets = List.of(
                sold(1, null, now, new OrderLine(SHACKLE, 9)),
                sold(2, null, now, new OrderLine(SHACKLE, 8)),
                sold(3, null, now, new OrderLine(SHACKLE, 24)));

        Replayed replayed = replay(now, draft, new Assumption(money("10"), money("50")), null, baskets);

        assertThat(replayed.lifted()).as("the break at 25 is there already").isEqualTo(1);
        assertThat(replayed.assumed().turnover()).isEqualByComparingTo("237.50"); // 58.30 + 59.20 + 120.00
        assertThat(replayed.other().whole().turnover()).isEqualByComparingTo("245.80"); // 66.60 + 59.20 + 120.00
    }

    /** Rope at 3.10 a metre in steps of half a metre; a draft has it at 2.50 from 20 m, and at 2.00 from 50 m as now. */
    @Test
    void ofThoseNearANewBreakOfARateSomeTakeUpToItToo() {
        PriceBook now = rope(false, "50 2.00");
        PriceBook draft = rope(false, "20 2.50", "50 2.00");
        List<SoldBasket> baskets = List.of(
                sold(1, null, now, metres("18.3", "m")), // 18.30 m measured in metres: 20 m are 50.00
                sold(2, null, now, metres("1800", "cm")), // the same way from another unit
                sold(3, null, now, metres("17.5", "m")), // 12.5 % below
                sold(4, null, now, metres("46", "m"))); // the break at 50 is there already

        Replayed replayed = replay(now, draft, new Assumption(money("10"), money("50")), null, baskets);

        assertThat(replayed.lifted()).isEqualTo(2);
        assertThat(replayed.other().whole().turnover())
                .isEqualByComparingTo("281.78"); // 56.73 + 55.80 + 54.25 + 115.00
        assertThat(replayed.assumed().turnover())
                .isEqualByComparingTo("275.515"); // (56.73 + 50) / 2 + (55.80 + 50) / 2 + …
    }

    /** The same breaks as a ladder over metres: 10 % off from 20 m. */
    @Test
    void andOfALadderOverAnAmount() {
        PriceBook now = rope(true, "50 20");
        PriceBook draft = rope(true, "20 10", "50 20");
        List<SoldBasket> baskets =
                List.of(sold(1, null, now, metres("19", "m")), sold(2, null, now, metres("46", "m")));

        Replayed replayed = replay(now, draft, new Assumption(money("10"), money("100")), null, baskets);

        assertThat(replayed.lifted()).isEqualTo(1);
        assertThat(replayed.assumed().turnover()).isEqualByComparingTo("184.14"); // 20 × 2.79 + 46 × 2.79
    }

    /** In slices the metres below stay as dear; and no piece is longer than there is one. */
    @Test
    void nobodyTakesUpToWhatSavesNothingOrCannotBeOrdered() {
        PriceBook now = rope(false, "50 2.00");
        List<SoldBasket> baskets = List.of(sold(1, null, now, metres("19", "m")));
        Assumption all = new Assumption(money("10"), money("100"));

        assertThat(replay(now, rope(false, true, null, "20 2.50", "50 2.00"), all, null, baskets)
                        .lifted())
                .isZero();
        assertThat(replay(now, rope(false, false, "19.5", "20 2.50", "50 2.00"), all, null, baskets)
                        .lifted())
                .isZero();
        assertThat(replay(now, rope(false, false, "20", "20 2.50", "50 2.00"), all, null, baskets)
                        .assumed()
                        .turnover())
                .isEqualByComparingTo("50.00");
    }

    private static final Sku ROPE = new Sku("ROPE-12");

    private static OrderLine metres(String length, String unit) {
        return new OrderLine(ROPE, 1, Answers.of(Map.of("length", new Answers.Answer.Typed(length, unit))));
    }

    /** @param ladder whether the rows are percent off of a ladder, else prices of the rate */
    private static PriceBook rope(boolean ladder, String... rows) {
        return rope(ladder, false, null, rows);
    }

    private static PriceBook rope(boolean ladder, boolean slices, @Nullable String most, String... rows) {
        List<Break> breaks = Stream.of(rows)
                .map(row -> row.split(" "))
                .map(row -> Break.everyone(Integer.parseInt(row[0]), new BigDecimal(row[1])))
                .toList();
        Measurement length = new Measurement(
                "length",
                "Length",
                Measurement.Type.LENGTH,
                Unit.M,
                List.of(new OtherUnit(Unit.CM, null)),
                money("0.1"),
                most == null ? null : money(most),
                money("0.1"),
                null,
                false,
                null,
                null,
                null);
        PiecePrice.Rate rate = new PiecePrice.Rate(
                "length",
                Unit.M,
                money("3.10"),
                null,
                null,
                null,
                ladder ? null : new PiecePrice.RateBreaks(slices, breaks));
        RateCardBuilder card =
                RateCard.named("Rope").asks(List.of(length)).piece(rate).productsOwnRows(false);
        if (ladder) {
            card.ladder(new Ladder(
                    Ladder.Counts.AMOUNT,
                    Over.LINE,
                    Ladder.Mode.ALL_UNITS,
                    Ladder.Value.PERCENT_OFF,
                    Unit.M,
                    breaks,
                    null,
                    null,
                    null,
                    false,
                    false));
        }
        return PriceBook.of(
                RandomCards.EURO,
                List.of(PreparedCard.prepare(card.build(), "EUR").orThrow()),
                List.of(Product.of(ROPE, "Rope", null)));
    }

    @Test
    void ordersThatWouldBeRefusedOrAreAlreadyAreToldApart() {
        PriceBook now = book("10 6.90");
        PriceBook withoutBrush = PriceBook.of(
                RandomCards.EURO, List.of(), List.of(Product.of(SHACKLE, "Bow shackle, 8 mm", money("7.40"))));
        SoldBasket gone = new SoldBasket(
                3, List.of(new OrderLine(new Sku("GONE"), 1)), Occasion.of(Customer.EVERYONE, AT), money("5.00"));

        Replayed replayed = replay(
                now,
                withoutBrush,
                Assumption.SAME,
                null,
                List.of(
                        sold(1, null, now, new OrderLine(SHACKLE, 1)),
                        sold(2, null, now, new OrderLine(SHACKLE, 1), new OrderLine(BRUSH, 2)),
                        gone));

        assertThat(replayed.baskets()).isEqualTo(1);
        assertThat(replayed.refused()).isEqualTo(1);
        assertThat(replayed.refusedMost()).containsExactly(new Change(2, money("37.40"), BigDecimal.ZERO));
        assertThat(replayed.apart()).isEqualTo(1);
        assertThat(replayed.now().whole().turnover()).isEqualByComparingTo("7.40");
    }

    @Test
    void theTenThatChangeMostAreKeptEachWay() {
        PriceBook now = book("100 5.00");
        PriceBook draft = book("2 8.00", "100 5.00");
        List<SoldBasket> baskets = new ArrayList<>();
        for (int i = 1; i <= 30; i++) {
            baskets.add(sold(i, null, now, new OrderLine(SHACKLE, i)));
        }

        Replayed replayed = replay(now, draft, Assumption.SAME, null, baskets);

        assertThat(replayed.dearer()).isEqualTo(29);
        assertThat(replayed.most().stream().map(Change::id))
                .containsExactly(30L, 29L, 28L, 27L, 26L, 25L, 24L, 23L, 22L, 21L);
    }

    /** Any card beside any other, over baskets of several lines. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20})
    void aReplayIsEachOrderPricedByItself(long seed) {
        RandomCards cards = new RandomCards(seed);
        Random random = new Random(seed);
        Product product = cards.product();
        PreparedCard live = cards.card();
        PreparedCard draft = cards.card();
        PriceBook now = PriceBook.of(RandomCards.EURO, List.of(live), List.of(product));
        PriceBook other = PriceBook.of(RandomCards.EURO, List.of(draft), List.of(product));
        List<SoldBasket> baskets = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            List<OrderLine> lines = new ArrayList<>();
            for (int line = 0; line <= random.nextInt(3); line++) {
                var asked = cards.asked(live, product);
                lines.add(new OrderLine(product.sku(), asked.quantity(), asked.answers()));
            }
            Customer customer = new Customer(random.nextBoolean() ? "Boatyard" : null);
            baskets.add(new SoldBasket(i, lines, Occasion.of(customer, AT), BigDecimal.ZERO));
        }

        Replayed same = replay(now, now, Assumption.SAME, "0", baskets);
        assertThat(same.dearer() + same.cheaper() + same.refused() + same.over())
                .isZero();
        assertThat(same.other()).isEqualTo(same.now());

        Replayed replayed = replay(now, other, Assumption.SAME, null, baskets);
        BigDecimal byHand = BigDecimal.ZERO;
        for (SoldBasket basket : baskets) {
            PricedBasket before = now.basket(basket.lines(), basket.occasion());
            PricedBasket after = other.basket(basket.lines(), basket.occasion());
            byHand = before.sellable() && after.sellable()
                    ? byHand.add(after.total().value())
                    : byHand;
        }
        assertThat(replayed.other().whole().turnover()).isEqualByComparingTo(byHand);
        assertThat(replayed.baskets() + replayed.refused() + replayed.apart()).isEqualTo(40);
        for (Replayed.Side side : List.of(replayed.now(), replayed.other())) {
            for (var parts : List.of(side.groups(), side.products(), side.breaks())) {
                assertThat(parts.values().stream().reduce(Totals.NONE, Totals::plus))
                        .usingRecursiveComparison()
                        .withComparatorForType(BigDecimal::compareTo, BigDecimal.class)
                        .isEqualTo(side.whole());
            }
        }
    }
}
