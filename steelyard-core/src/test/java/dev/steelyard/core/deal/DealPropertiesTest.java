package dev.steelyard.core.deal;

import static dev.steelyard.core.deal.Lines.ANYONE;
import static dev.steelyard.core.deal.Lines.EURO;
import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.card.GoodsSet;
import dev.steelyard.core.deal.Deal.Combine;
import dev.steelyard.core.deal.Gives.BuyAndGet;
import dev.steelyard.core.deal.Gives.Counts;
import dev.steelyard.core.deal.Gives.OnLadder;
import dev.steelyard.core.deal.Gives.Row;
import dev.steelyard.core.deal.Gives.Value;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.number.Quotient;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What must hold for every basket and every deal, over some made up from seeds. */
class DealPropertiesTest {

    private static final int TRIES = 300;
    private static final List<String> CATEGORIES = List.of("rope", "chain", "deck", "hardware");

    private static List<SoldLine> basket(Random random) {
        List<SoldLine> lines = new ArrayList<>();
        int size = 1 + random.nextInt(8);
        for (int i = 0; i < size; i++) {
            int cents = random.nextInt(4) == 0 ? random.nextInt(20) : random.nextInt(50_000);
            lines.add(Lines.line("S" + i + " " + (1 + random.nextInt(12)) + " " + EURO.ofMinorUnits(cents) + " "
                    + CATEGORIES.get(random.nextInt(CATEGORIES.size()))));
        }
        return lines;
    }

    private static Deal deal(Random random, GoodsSet goods, int number) {
        Gives gives = random.nextInt(3) == 0
                ? new BuyAndGet(
                        1 + random.nextInt(3),
                        goods,
                        1 + random.nextInt(2),
                        goods,
                        random.nextBoolean() ? Value.FREE : Value.PERCENT_OFF,
                        BigDecimal.valueOf(random.nextInt(101)),
                        random.nextBoolean() ? null : 1 + random.nextInt(3),
                        apart(random))
                : ladder(random, goods);
        return Deal.of("Deal " + number, gives)
                .combined(random.nextInt(3) == 0 ? Combine.STANDS_ALONE : Combine.ADDS_UP)
                .oneOf(random.nextInt(3) == 0 ? "Set" : null);
    }

    private static Apart apart(Random random) {
        return Apart.values()[random.nextInt(Apart.values().length)];
    }

    private static OnLadder ladder(Random random, GoodsSet goods) {
        Counts counts = Counts.values()[random.nextInt(Counts.values().length)];
        List<Value> values = counts == Counts.SPEND
                ? List.of(Value.PERCENT_OFF, Value.AMOUNT_OFF)
                : List.of(Value.PERCENT_OFF, Value.AMOUNT_OFF_EACH, Value.PRICE_EACH);
        Value value = values.get(random.nextInt(values.size()));
        List<Row> rows = new ArrayList<>();
        int from = 0;
        for (int i = 0; i < 3; i++) {
            from += 1 + random.nextInt(counts == Counts.SPEND ? 200 : 4);
            rows.add(new Row(
                    BigDecimal.valueOf(from), BigDecimal.valueOf(random.nextInt(10_001), 2), random.nextInt(4) == 0));
        }
        return counts == Counts.SPEND && value == Value.AMOUNT_OFF && random.nextBoolean()
                ? new OnLadder(
                        counts,
                        goods,
                        value,
                        List.of(new Row(rows.get(0).from(), rows.get(0).value())),
                        Apart.TOGETHER,
                        true,
                        random.nextBoolean() ? null : 2)
                : new OnLadder(
                        counts,
                        goods,
                        value,
                        rows,
                        counts == Counts.PIECES ? apart(random) : Apart.TOGETHER,
                        false,
                        null);
    }

    private static GoodsSet goods(Random random) {
        return random.nextInt(4) == 0
                ? GoodsSet.EVERYTHING
                : Lines.category(CATEGORIES.get(random.nextInt(CATEGORIES.size())));
    }

    private static BigDecimal sum(List<Money> money) {
        return money.stream().map(Money::value).reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void sharesAddUpAndNoLineFallsBelowZero(long seed) {
        Random random = new Random(seed);
        int used = 0;
        for (int i = 0; i < TRIES; i++) {
            List<SoldLine> lines = basket(random);
            List<Deal> deals = new ArrayList<>();
            for (int d = 0; d < 5; d++) {
                deals.add(deal(random, goods(random), d));
            }
            Dealt dealt = Lines.book(deals.toArray(Deal[]::new)).apply(lines, ANYONE);
            assertThat(dealt.left()).allMatch(left -> left.value().signum() >= 0);
            BigDecimal saved = BigDecimal.ZERO;
            for (Dealt.Used one : dealt.used()) {
                used++;
                assertThat(sum(one.shares())).isEqualByComparingTo(one.saved().value());
                saved = saved.add(one.saved().value());
            }
            assertThat(sum(dealt.left()).add(saved))
                    .isEqualByComparingTo(
                            sum(lines.stream().map(SoldLine::total).toList()));
        }
        assertThat(used).isGreaterThan(TRIES / 2);
    }

    /** Each product by itself, and together, are one where there is one product. */
    @ParameterizedTest
    @ValueSource(longs = {21, 22, 23})
    void ofOneProductEachIsTogether(long seed) {
        Random random = new Random(seed);
        int used = 0;
        for (int i = 0; i < TRIES; i++) {
            List<SoldLine> lines = basket(random).stream()
                    .map(line -> Lines.line("ONE " + line.quantity() + " " + line.total() + " hw"))
                    .toList();
            OnLadder any = ladder(random, GoodsSet.EVERYTHING);
            if (any.counts() != Counts.PIECES) {
                continue;
            }
            BuyAndGet both = new BuyAndGet(
                    2, any.goods(), 1, any.goods(), Value.FREE, BigDecimal.ZERO, random.nextBoolean() ? null : 2);
            for (Apart apart : Apart.values()) {
                Deal each = Deal.of(
                        "Each", new OnLadder(any.counts(), any.covered(), any.value(), any.rows(), apart, false, null));
                Deal together = Deal.of("Together", new OnLadder(any.counts(), any.covered(), any.value(), any.rows()));
                Deal same = Deal.of(
                        "Same",
                        new BuyAndGet(2, any.goods(), 1, any.goods(), Value.FREE, both.amount(), both.atMost(), apart));
                List<Money> left = Lines.book(each).apply(lines, ANYONE).left();
                used += left.equals(lines.stream().map(SoldLine::total).toList()) ? 0 : 1;
                assertThat(left)
                        .isEqualTo(Lines.book(together).apply(lines, ANYONE).left());
                assertThat(Lines.book(same).apply(lines, ANYONE).left())
                        .isEqualTo(Lines.book(Deal.of("Both", both))
                                .apply(lines, ANYONE)
                                .left());
            }
        }
        assertThat(used).isPositive();
    }

    /** What counts for every full threshold is a stair of equal steps as wide as the threshold. */
    @Test
    void forEveryIsAStair() {
        OnLadder every = new OnLadder(
                Counts.SPEND,
                null,
                Value.AMOUNT_OFF,
                List.of(new Row(new BigDecimal("7.5"), new BigDecimal("0.40"))),
                Apart.TOGETHER,
                true,
                9);
        DealBook book = Lines.book(Deal.of("Every", every));
        for (int cents = 1; cents <= 9000; cents += 7) {
            Money total = EURO.ofMinorUnits(cents);
            BigDecimal left =
                    sum(book.apply(Lines.lines("A 1 " + total), ANYONE).left());
            int steps = Math.min(9, cents / 750);
            assertThat(left).isEqualByComparingTo(total.value().subtract(BigDecimal.valueOf(steps * 40L, 2)));
        }
    }

    /** R4 held against its words: sum half-up, each at most a unit above its own rounded down. */
    @ParameterizedTest
    @ValueSource(longs = {11, 12, 13})
    void sharesAreTheRoundedSum(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < TRIES; i++) {
            Quotient[] exact = new Quotient[1 + random.nextInt(9)];
            Quotient sum = Quotient.ZERO;
            for (int line = 0; line < exact.length; line++) {
                exact[line] = Quotient.of(BigDecimal.valueOf(random.nextInt(2_000_000) - 1_000_000, 5))
                        .dividedBy(BigDecimal.valueOf(1 + random.nextInt(12)));
                sum = sum.plus(exact[line]);
            }
            long[] shares = EURO.shares(exact);
            BigDecimal shared = BigDecimal.ZERO;
            for (int line = 0; line < exact.length; line++) {
                BigDecimal share = BigDecimal.valueOf(shares[line], 2);
                shared = shared.add(share);
                assertThat(share.subtract(exact[line].rounded(2, RoundingMode.FLOOR)))
                        .isBetween(BigDecimal.ZERO, new BigDecimal("0.01"));
            }
            assertThat(shared).isEqualByComparingTo(sum.rounded(2, RoundingMode.HALF_UP));
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {21, 22, 23})
    void oneMoreDealOfOtherGoodsNeverCostsMore(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < TRIES; i++) {
            List<SoldLine> lines = basket(random);
            GoodsSet some = Lines.category("rope", "chain");
            GoodsSet others = Lines.category("deck", "hardware");
            List<Deal> deals = new ArrayList<>();
            for (int d = 0; d < 3; d++) {
                deals.add(deal(random, some, d));
            }
            BigDecimal before = sum(
                    Lines.book(deals.toArray(Deal[]::new)).apply(lines, ANYONE).left());
            // in a set it could take another's place
            deals.add(
                    random.nextInt(4),
                    deal(random, others, 3).combined(Combine.ADDS_UP).oneOf(null));
            BigDecimal after = sum(
                    Lines.book(deals.toArray(Deal[]::new)).apply(lines, ANYONE).left());
            assertThat(after).isLessThanOrEqualTo(before);
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {31, 32, 33})
    void theOrderOfLinesDoesNotChangeTheTotalUnderOneDeal(long seed) {
        Random random = new Random(seed);
        int reduced = 0;
        for (int i = 0; i < TRIES; i++) {
            List<SoldLine> lines = basket(random);
            DealBook book = Lines.book(deal(random, goods(random), 0));
            BigDecimal total = sum(book.apply(lines, ANYONE).left());
            List<SoldLine> shuffled = new ArrayList<>(lines);
            Collections.shuffle(shuffled, random);
            assertThat(sum(book.apply(shuffled, ANYONE).left())).isEqualByComparingTo(total);
            reduced += total.compareTo(sum(lines.stream().map(SoldLine::total).toList())) < 0 ? 1 : 0;
        }
        assertThat(reduced).isGreaterThan(TRIES / 4);
    }

    /** The index leads to every deal that looking at all of them finds. */
    @ParameterizedTest
    @ValueSource(longs = {41, 42, 43})
    void nothingIsMissedByTheIndex(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < TRIES; i++) {
            List<SoldLine> lines = basket(random);
            List<Deal> deals = new ArrayList<>();
            for (int d = 0; d < 12; d++) {
                Deal deal = deal(random, goods(random), d);
                deals.add(
                        switch (random.nextInt(4)) {
                            case 0 -> deal.when(Conditions.code("C" + random.nextInt(3)));
                            case 1 -> deal.when(Conditions.payment(random.nextBoolean() ? "card" : "invoice"));
                            default -> deal;
                        });
            }
            Occasion occasion = new Occasion(ANYONE.customer(), "card", java.util.Set.of("C1"), Lines.MONDAY_NOON);
            DealBook book = Lines.book(deals.toArray(Deal[]::new));
            assertThat(book.apply(lines, occasion).left())
                    .isEqualTo(book.explain(lines, occasion).left());
        }
    }
}
