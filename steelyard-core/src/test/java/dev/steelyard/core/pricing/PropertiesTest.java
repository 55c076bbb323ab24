package dev.steelyard.core.pricing;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.OrderQuantity;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.ladder.Ladder;
import dev.steelyard.core.ladder.Ladder.Counts;
import dev.steelyard.core.ladder.Ladder.Mode;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.reckoning.Refused;
import dev.steelyard.core.reckoning.Step;
import dev.steelyard.core.testing.RandomCards;
import java.math.BigDecimal;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What must hold for every card, over cards made up from seeds. */
class PropertiesTest {

    private static final ShopRules EURO = RandomCards.EURO;

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4})
    void slicesOfPiecesAreTheSumOfSinglePieces(long seed) {
        RandomCards cards = new RandomCards(seed);
        for (int i = 0; i < 40; i++) {
            PreparedCard random =
                    withLadder(cards, ladder -> ladder.mode() == Mode.SLICE && ladder.counts() == Counts.PIECES);
            PreparedCard slices = withMode(random, Mode.SLICE);
            PreparedCard allUnits = withMode(random, Mode.ALL_UNITS);
            Asked asked = cards.asked(slices, cards.product(), 1 + cards.upTo(40));
            Optional<PricedLine> whole = price(slices, asked);
            if (whole.isEmpty()) {
                continue;
            }
            TrialLine.Unrounded line = TrialLine.of(allUnits, asked, EURO).unrounded();
            BigDecimal sum = line.rest();
            for (long n = 1; n <= asked.quantity(); n++) {
                // piece number n costs what all pieces would cost each if n were ordered
                sum = sum.add(price(allUnits, with(asked, n))
                        .orElseThrow()
                        .pricePerPiece()
                        .value());
            }
            BigDecimal least = line.minimum() == null ? sum : sum.max(line.minimum());
            assertThat(whole.get().total()).isEqualTo(EURO.rounding().lineTotal(least));
        }
    }

    /** The card with another mode, sold from one. */
    private static PreparedCard withMode(PreparedCard card, Mode mode) {
        Ladder was = Objects.requireNonNull(card.card().ladder());
        Ladder is = new Ladder(
                was.counts(),
                was.over(),
                mode,
                was.value(),
                was.unit(),
                was.rows(),
                null,
                null,
                null,
                false,
                was.reduceChoices());
        return PreparedCard.prepare(
                        card.card().toBuilder()
                                .ladder(is)
                                .quantity(OrderQuantity.ANY)
                                .build(),
                        "EUR")
                .orThrow();
    }

    @ParameterizedTest
    @ValueSource(longs = {5, 6, 7, 8})
    void withNoCliffsNobodyPaysMoreForFewer(long seed) {
        RandomCards cards = new RandomCards(seed);
        for (int i = 0; i < 30; i++) {
            PreparedCard card = withLadder(cards, Ladder::noCliffs);
            Asked asked = cards.asked(card, cards.product());
            BigDecimal before = BigDecimal.ZERO;
            for (long n = 1; n <= 70; n++) {
                Optional<PricedLine> line = price(card, with(asked, n));
                if (line.isPresent()) {
                    assertThat(line.get().total().value())
                            .as("%s of %s", n, card.card())
                            .isGreaterThanOrEqualTo(before);
                    before = line.get().total().value();
                }
            }
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {9, 10, 11})
    void thePriceOfOnePieceChangesOnlyAtThresholds(long seed) {
        RandomCards cards = new RandomCards(seed);
        for (int i = 0; i < 40; i++) {
            PreparedCard card = withLadder(
                    cards,
                    ladder ->
                            ladder.mode() == Mode.ALL_UNITS && ladder.counts() == Counts.PIECES && !ladder.noCliffs());
            Asked asked = cards.asked(card, cards.product());
            for (long n = 2; n <= 60; n++) {
                Optional<PricedLine> before = price(card, with(asked, n - 1));
                Optional<PricedLine> here = price(card, with(asked, n));
                if (before.isPresent()
                        && here.isPresent()
                        && !before.get().pricePerPiece().equals(here.get().pricePerPiece())) {
                    assertThat(thresholds(card)).contains(n);
                }
            }
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {12, 13, 14, 15})
    void aReckoningsLastStepIsTheLine(long seed) {
        RandomCards cards = new RandomCards(seed);
        for (int i = 0; i < 150; i++) {
            PreparedCard card = cards.card();
            Product product = cards.product();
            Asked asked = cards.asked(card, product);
            PriceBook book = PriceBook.of(EURO, List.of(card), List.of(product));
            LineResult explained = book.explain(lines(asked), new Customer(asked.group()), noon())
                    .get(0);
            LineResult plain = book.price(lines(asked), new Customer(asked.group()), noon())
                    .get(0);
            if (explained instanceof PricedLine line) {
                List<Step> steps = line.reckoning().steps();
                assertThat(steps.get(steps.size() - 1).result().value())
                        .isEqualByComparingTo(line.total().value());
                assertThat(((PricedLine) plain).total()).isEqualTo(line.total());
            } else {
                assertThat(plain).isEqualTo(explained);
            }
        }
    }

    @Test
    void twoThreadsAndOneBookGiveTheSameAnswers() throws Exception {
        RandomCards cards = new RandomCards(16);
        PreparedCard card = cards.card();
        Product product = cards.product();
        PriceBook book = PriceBook.of(EURO, List.of(card), List.of(product));
        List<Asked> orders =
                Stream.generate(() -> cards.asked(card, product)).limit(300).toList();
        Callable<List<LineResult>> all = () -> orders.stream()
                .map(asked -> book.explain(lines(asked), new Customer(asked.group()), noon())
                        .get(0))
                .toList();
        ExecutorService threads = Executors.newFixedThreadPool(2);
        try {
            List<Future<List<LineResult>>> answers = threads.invokeAll(List.of(all, all));
            assertThat(answers.get(0).get()).isEqualTo(answers.get(1).get()).isEqualTo(all.call());
        } finally {
            threads.shutdown();
        }
    }

    private static ZonedDateTime noon() {
        return RandomCards.DAY.atTime(12, 0).atZone(ZoneOffset.UTC);
    }

    private static List<OrderLine> lines(Asked asked) {
        return List.of(new OrderLine(asked.item().sku(), asked.quantity(), asked.answers()));
    }

    private static PreparedCard withLadder(RandomCards cards, Predicate<Ladder> wanted) {
        while (true) {
            PreparedCard card = cards.card();
            if (card.card().ladder() != null && wanted.test(card.card().ladder())) {
                return card;
            }
        }
    }

    private static List<Long> thresholds(PreparedCard card) {
        return Objects.requireNonNull(card.card().ladder()).rows().stream()
                .map(row -> row.from().longValueExact())
                .toList();
    }

    private static Asked with(Asked asked, long quantity) {
        return new Asked(asked.item(), quantity, asked.answers(), asked.group(), asked.day());
    }

    private static Optional<PricedLine> price(PreparedCard card, Asked asked) {
        try {
            return Optional.of(TrialLine.of(card, asked, EURO).price());
        } catch (Refused noPrice) {
            return Optional.empty();
        }
    }
}
