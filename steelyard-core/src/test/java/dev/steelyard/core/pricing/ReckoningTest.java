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
                        "Amount: 1 m = 1 m",
                        "With waste: 1 m + 8 % = 1.08 m",
                        "Rounded up: 1.08 m up to the next 0.25 m = 1.25 m R1",
                        "Smallest billable: not 1.25 m = 2 m",
                        "Piece price: 2 m × 3.10 per m = 6.20",
                        "Line: 2 × 6.20 = 12.40");
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
                        "Amount: 8 m = 8 m",
                        "From 0 m to 5 m: 5 m × 3.00 per m = 15.00",
                        "From 5 m to 8 m: 3 m × 2.00 per m = 6.00",
                        "Piece price: all slices = 21.00",
                        "Line: 1 × 21.00 = 21.00");
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
                        "Piece price: as length > 5 m: 8 m × 1.1 EUR/m + 2 EUR = 10.80", "Line: 1 × 10.80 = 10.80");
        assertThat(steps(card, "2", 1))
                .containsExactly(
                        "Shelf price: in all other cases: Goods = 20.00",
                        "With base charge: + 1.50 = 21.50",
                        "Line: 1 × 21.50 = 21.50");
    }

    @Test
    void breaksAndChargesInTheOrderInWhichTheyAct() {
        Ladder off = ladder(Mode.ALL_UNITS, Counts.PIECES, Value.PERCENT_OFF, null, false);
        assertThat(steps(charged().ladder(off), "2", 3))
                .containsExactly(
                        "Shelf price: Goods = 20.00",
                        "Breaks: 3 pieces reach “from 3”: 10 % off = 18.00",
                        "ends: fine: 2 m = 2 m, × 0.33 per m = 0.66",
                        "finish: waxed: 5 % of 18.00 = 0.90",
                        "Price of one piece: 19.56 = 19.56",
                        "Pieces: 3 × 19.56 = 58.68",
                        "With cut: once: with cut: once of 4.00 = 62.68",
                        "Line: with the set-up charge of 1.00 = 63.68");
    }

    @Test
    void breaksThatReduceChoicesToo() {
        Ladder off = ladder(Mode.ALL_UNITS, Counts.PIECES, Value.PERCENT_OFF, null, true);
        assertThat(steps(charged().ladder(off), "2", 3))
                .containsSubsequence(
                        "ends: fine: 2 m = 2 m, × 0.33 per m = 0.66",
                        "finish: waxed: 5 % of 20.00 = 1.00",
                        "With choices: piece price and choices = 21.66",
                        "Breaks: 3 pieces reach “from 3”: 10 % off = 19.494",
                        "Price of one piece: 19.494 = 19.49 R2");
    }

    @Test
    void slicesOfPieces() {
        assertThat(steps(card().ladder(ladder(Mode.SLICE, Counts.PIECES, Value.AMOUNT_OFF, null, false)), "2", 4))
                .containsExactly(
                        "Shelf price: Goods = 20.00",
                        "Breaks: pieces 3 to 4: 10.00 off each = 10.00",
                        "Line: 2 × 20.00 + 2 × 10.00 = 60.00");
    }

    @Test
    void slicesOfAnAmountWithBaseChargeAndCharges() {
        RateCardBuilder card = charged()
                .cases(Cases.always(new Case(PiecePrice.Rate.of("length", Unit.M, "3"), new BigDecimal("2"))))
                .ladder(ladder(Mode.SLICE, Counts.AMOUNT, Value.PERCENT_OFF, Unit.M, false));
        assertThat(steps(card, "2", 2))
                .containsExactly(
                        "Amount: 2 m = 2 m",
                        "Piece price: 2 m × 3.00 per m = 6.00",
                        "With base charge: + 2.00 = 8.00",
                        "Slice: 0 m to 3 m = 9.00",
                        "Slice: 3 m to 4 m at 10 % off = 2.70",
                        "Base charge: 2 × 2.00 = 15.70",
                        "ends: fine: 2 × 2 m = 2 m, × 0.33 per m = 1.32",
                        "finish: waxed: 5 % of 15.70 = 0.785",
                        "Pieces: slices with charges = 17.805",
                        "With cut: once: with cut: once of 4.00 = 21.805",
                        "Line: with the set-up charge of 1.00 = 22.81 R3");
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
                .containsExactly("Lot: 10 pieces reach “from 5” = 18.00", "Line: the lot + 2 further × 2.50 = 23.00");
        assertThat(steps(card().ladder(lots), "2", 3))
                .containsExactly(
                        "Lot: 3 pieces reach “from 1” = 19.00",
                        "Pieces: the lot = 19.00",
                        "Line: as much as 5 pieces cost, since those cost less = 18.00");
    }

    @Test
    void aPackAndAnAmountOfOnesOwn() {
        RateCardBuilder card = card().piece(new PiecePrice.Packs(
                List.of(new PiecePrice.Pack("10 m", BigDecimal.TEN, Unit.M, new BigDecimal("25"))),
                new PiecePrice.OwnAmount("length", Unit.M, new BigDecimal("3"))));
        assertThat(steps(card, "2", 1)).containsExactly("Own amount: 2 m × 3.00 per m = 6.00", "Line: 1 × 6.00 = 6.00");
        assertThat(steps(card, new Answers(Map.of(), "10 m"), 1))
                .containsExactly("Pack: 10 m = 25.00", "Line: 1 × 25.00 = 25.00");
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
                .map(step -> step.label() + ": " + step.detail() + " = " + step.result()
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
