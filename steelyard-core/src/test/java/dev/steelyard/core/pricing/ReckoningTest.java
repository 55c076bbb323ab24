package dev.steelyard.core.pricing;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.card.Case;
import dev.steelyard.core.card.Cases;
import dev.steelyard.core.card.Charge;
import dev.steelyard.core.card.Choice;
import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.Finish;
import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.card.NamedRate;
import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.card.RateCardBuilder;
import dev.steelyard.core.card.ShownFigure;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Ladder;
import dev.steelyard.core.ladder.Ladder.Counts;
import dev.steelyard.core.ladder.Ladder.Mode;
import dev.steelyard.core.ladder.Ladder.Value;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.prepared.Answers;
import dev.steelyard.core.prepared.Answers.Answer;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.testing.RandomCards;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Every path says how its price came about. */
class ReckoningTest {

    private static final Measurement LENGTH = Measurement.of("length", Unit.M, "1", "100", "0.5");
    private static final List<Break> TEN_OFF = List.of(Break.everyone(3, new BigDecimal("10")));

    @Test
    void aRateWithWasteRoundingAndTheSmallestAmount() {
        PiecePrice.Rate rate = new PiecePrice.Rate(
                "length",
                Unit.M,
                new BigDecimal("3.1"),
                new BigDecimal("8"),
                new BigDecimal("0.25"),
                new BigDecimal("2"),
                null);
        assertThat(steps(card().piece(rate), "1", 2))
                .containsExactly(
                        "amount: worked(worked: 1 m) = 1 m",
                        "with-waste: waste(measured: 1 m, percent: 8) = 1.08 m",
                        "rounded-up: up-to-next(before: 1.08 m, step: 0.25 m) = 1.25 m R1",
                        "smallest-billable: not-amount(amount: 1.25 m) = 2 m",
                        "piece-price: times-rate(amount: 2 m, price: 3.10, unit: m) = 6.20",
                        "line: times(count: 2, price: 6.20) = 12.40");
    }

    @Test
    void slicesOfOnePiecesAmount() {
        PiecePrice.Rate rate = new PiecePrice.Rate(
                "length",
                Unit.M,
                new BigDecimal("3"),
                null,
                null,
                null,
                new PiecePrice.RateBreaks(true, List.of(Break.everyone(5, new BigDecimal("2")))));
        assertThat(steps(card().piece(rate), "8", 1))
                .containsExactly(
                        "amount: worked(worked: 8 m) = 8 m",
                        "from-to(from: 0 m, until: 5 m): times-rate(amount: 5 m, price: 3.00, unit: m) = 15.00",
                        "from-to(from: 5 m, until: 8 m): times-rate(amount: 3 m, price: 2.00, unit: m) = 6.00",
                        "piece-price: all-slices = 21.00",
                        "line: times(count: 1, price: 21.00) = 21.00");
    }

    @Test
    void aFormulaWithTheNumbersPutInAndTheCaseItStandsIn() {
        Cases cases = new Cases(
                List.of(new Cases.Conditional(
                        "length > 5 m", Case.of(new PiecePrice.ByFormula("length * cord + 2 EUR")))),
                new Case(PiecePrice.SHELF_PRICE, new BigDecimal("1.5")));
        RateCardBuilder card = card().rates(List.of(new NamedRate("cord", new BigDecimal("1.10"), "EUR/m")))
                .cases(cases);
        assertThat(steps(card, "8", 1))
                .containsExactly(
                        "piece-price: worked(case: as-condition(condition: length > 5 m), worked: 8 m × 1.1 EUR/m + 2 EUR) = 10.80",
                        "line: times(count: 1, price: 10.80) = 10.80");
        assertThat(steps(card, "2", 1))
                .containsExactly(
                        "shelf-price: named(case: in-all-other-cases, name: Goods) = 20.00",
                        "with-base-charge: plus-money(money: 1.50) = 21.50",
                        "line: times(count: 1, price: 21.50) = 21.50");
    }

    @Test
    void breaksAndChargesInTheOrderInWhichTheyAct() {
        Ladder off = ladder(Mode.ALL_UNITS, Counts.PIECES, Value.PERCENT_OFF, null, false);
        assertThat(steps(charged().ladder(off), "2", 3))
                .containsExactly(
                        "shelf-price: named(name: Goods) = 20.00",
                        "breaks: reached(reaching: pieces-reach(pieces: 3, from: 3), gives: percent-off(percent: 10)) = 18.00",
                        "charge(choice: ends, option: fine): worked-times-rate(worked: 2 m, amount: 2 m, price: 0.33, unit: m) = 0.66",
                        "charge(choice: finish, option: waxed): percent-of(percent: 5, of: 18.00) = 0.90",
                        "price-of-one: exactly(price: 19.56) = 19.56",
                        "pieces: times(count: 3, price: 19.56) = 58.68",
                        "with-charge(choice: cut, option: once): with-charge-of(choice: cut, option: once, money: 4.00) = 62.68",
                        "line: with-set-up-of(money: 1.00) = 63.68");
    }

    @Test
    void breaksThatReduceChoicesToo() {
        Ladder off = ladder(Mode.ALL_UNITS, Counts.PIECES, Value.PERCENT_OFF, null, true);
        assertThat(steps(charged().ladder(off), "2", 3))
                .containsSubsequence(
                        "charge(choice: ends, option: fine): worked-times-rate(worked: 2 m, amount: 2 m, price: 0.33, unit: m) = 0.66",
                        "charge(choice: finish, option: waxed): percent-of(percent: 5, of: 20.00) = 1.00",
                        "with-choices: piece-and-choices = 21.66",
                        "breaks: reached(reaching: pieces-reach(pieces: 3, from: 3), gives: percent-off(percent: 10)) = 19.494",
                        "price-of-one: exactly(price: 19.494) = 19.49 R2");
    }

    @Test
    void slicesOfPieces() {
        assertThat(steps(card().ladder(ladder(Mode.SLICE, Counts.PIECES, Value.AMOUNT_OFF, null, false)), "2", 4))
                .containsExactly(
                        "shelf-price: named(name: Goods) = 20.00",
                        "breaks: reached(reaching: pieces-from-to(first: 3, last: 4), gives: off-each(money: 10.00)) = 10.00",
                        "line: added-up(parts: times(count: 2, price: 20.00) + times(count: 2, price: 10.00)) = 60.00");
    }

    @Test
    void slicesOfAnAmountWithBaseChargeAndCharges() {
        RateCardBuilder card = charged()
                .cases(Cases.always(new Case(PiecePrice.Rate.of("length", Unit.M, "3"), new BigDecimal("2"))))
                .ladder(ladder(Mode.SLICE, Counts.AMOUNT, Value.PERCENT_OFF, Unit.M, false));
        assertThat(steps(card, "2", 2))
                .containsExactly(
                        "amount: worked(worked: 2 m) = 2 m",
                        "piece-price: times-rate(amount: 2 m, price: 3.00, unit: m) = 6.00",
                        "with-base-charge: plus-money(money: 2.00) = 8.00",
                        "slice: between-amounts(from: 0 m, until: 3 m) = 9.00",
                        "slice: between-amounts(from: 3 m, until: 4 m, rate: at-percent-off(percent: 10)) = 2.70",
                        "base-charge: times(count: 2, price: 2.00) = 15.70",
                        "charge(choice: ends, option: fine): times-worked-rate(count: 2, worked: 2 m, amount: 2 m, price: 0.33, unit: m) = 1.32",
                        "charge(choice: finish, option: waxed): percent-of(percent: 5, of: 15.70) = 0.785",
                        "pieces: slices-with-charges = 17.805",
                        "with-charge(choice: cut, option: once): with-charge-of(choice: cut, option: once, money: 4.00) = 21.805",
                        "line: with-set-up-of(money: 1.00) = 22.81 R3");
    }

    @Test
    void aLotWithFurtherPiecesAndNoCliffs() {
        Ladder lots = new Ladder(
                Counts.PIECES,
                Over.LINE,
                Mode.LOT,
                Value.LOT_TOTAL,
                null,
                List.of(Break.everyone(1, new BigDecimal("19")), Break.everyone(5, new BigDecimal("18"))),
                null,
                BigDecimal.valueOf(8),
                new BigDecimal("2.5"),
                true,
                false);
        assertThat(steps(card().ladder(lots), "2", 10))
                .containsExactly(
                        "lot: pieces-reach(pieces: 10, from: 5) = 18.00",
                        "line: lot-and-further(count: 2, price: 2.50) = 23.00");
        assertThat(steps(card().ladder(lots), "2", 3))
                .containsExactly(
                        "lot: pieces-reach(pieces: 3, from: 1) = 19.00",
                        "pieces: the-lot = 19.00",
                        "line: as-much-as(pieces: 5) = 18.00");
    }

    @Test
    void aPackAndAnAmountOfOnesOwn() {
        RateCardBuilder card = card().piece(new PiecePrice.Packs(
                List.of(new PiecePrice.Pack("10 m", BigDecimal.TEN, Unit.M, new BigDecimal("25"))),
                new PiecePrice.OwnAmount("length", Unit.M, new BigDecimal("3"))));
        assertThat(steps(card, "2", 1))
                .containsExactly(
                        "own-amount: times-rate(amount: 2 m, price: 3.00, unit: m) = 6.00",
                        "line: times(count: 1, price: 6.00) = 6.00");
        assertThat(steps(card, new Answers(Map.of(), "10 m"), 1))
                .containsExactly("pack: named(name: 10 m) = 25.00", "line: times(count: 1, price: 25.00) = 25.00");
    }

    @Test
    void theNextBreakIsToldForSlicesAndLotsToo() {
        assertThat(line(card().ladder(ladder(Mode.SLICE, Counts.PIECES, Value.AMOUNT_OFF, null, false)), "2", 1)
                        .next())
                .satisfies(next -> {
                    assertThat(next.more()).isEqualTo(2);
                    assertThat(next.pricePerPiece()).hasToString("10.00");
                });
        assertThat(line(
                                card().piece(PiecePrice.Rate.of("length", Unit.M, "3"))
                                        .ladder(ladder(
                                                Mode.ALL_UNITS, Counts.AMOUNT, Value.PERCENT_OFF, Unit.M, false)),
                                "2",
                                1)
                        .next())
                .isNull();
    }

    @Test
    void figuresAreShownBesideThePrice() {
        PricedLine line = line(
                card().shown(List.of(
                        new ShownFigure("Weight", "length * 1.45 kg/m", Unit.KG, 1),
                        new ShownFigure("Odd", "1 m / (length / 1 m - 2)", Unit.M, 0))),
                "2",
                1);
        assertThat(line.figures())
                .extracting(shown -> shown.label() + " " + shown.figure())
                .containsExactly("Weight 2.9 kg"); // the other one cannot be worked out and is left out
    }

    private static RateCardBuilder card() {
        return RateCard.named("Card").asks(List.of(LENGTH));
    }

    private static RateCardBuilder charged() {
        return RateCard.named("Card")
                .asks(List.of(
                        LENGTH,
                        Choice.of(
                                "ends",
                                Choice.Option.of("fine", new Charge.PerUnit(new BigDecimal("0.33"), Unit.M, "length"))),
                        Choice.of("finish", Choice.Option.of("waxed", new Charge.Percent(new BigDecimal("5")))),
                        Choice.of("cut", Choice.Option.of("once", new Charge.PerLine(new BigDecimal("4"))))))
                .finish(new Finish(BigDecimal.ONE, null));
    }

    private static Ladder ladder(Mode mode, Counts counts, Value value, Unit unit, boolean reduceChoices) {
        return new Ladder(counts, Over.LINE, mode, value, unit, TEN_OFF, null, null, null, false, reduceChoices);
    }

    private static List<String> steps(RateCardBuilder card, String length, long quantity) {
        return steps(card, answers(card, length), quantity);
    }

    private static List<String> steps(RateCardBuilder card, Answers answers, long quantity) {
        return line(card, answers, quantity).reckoning().steps().stream()
                .map(step -> step.what() + ": " + step.how() + " = " + step.result()
                        + (step.point() == null ? "" : " " + step.point()))
                .toList();
    }

    private static PricedLine line(RateCardBuilder card, String length, long quantity) {
        return line(card, answers(card, length), quantity);
    }

    private static Answers answers(RateCardBuilder card, String length) {
        Map<String, Answer> answers = new HashMap<>(Map.of("length", Answer.of(length)));
        card.build()
                .choices()
                .forEach(choice -> answers.put(
                        choice.name(), Answer.of(choice.optionNames().get(0))));
        return Answers.of(answers);
    }

    private static PricedLine line(RateCardBuilder card, Answers answers, long quantity) {
        Product goods = Product.of(new Sku("GOODS"), "Goods", new BigDecimal("20"));
        PriceBook book = PriceBook.of(
                RandomCards.EURO,
                List.of(PreparedCard.prepare(card.build(), "EUR").orThrow()),
                List.of(goods));
        return (PricedLine) book.explain(
                        List.of(new OrderLine(goods.sku(), quantity, answers)),
                        Customer.EVERYONE,
                        RandomCards.DAY.atStartOfDay(ZoneOffset.UTC))
                .get(0);
    }
}
