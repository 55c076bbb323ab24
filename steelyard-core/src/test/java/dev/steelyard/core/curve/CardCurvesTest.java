package dev.steelyard.core.curve;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.card.Case;
import dev.steelyard.core.card.Cases;
import dev.steelyard.core.card.JointLimit;
import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Ladder;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.prepared.Answers;
import dev.steelyard.core.prepared.Answers.Answer;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.pricing.TrialLine;
import dev.steelyard.core.testing.RandomCards;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Curves, rounded as they say, against prices. */
class CardCurvesTest {

    private int exactRuns;
    private int allRuns;

    @ParameterizedTest
    @ValueSource(longs = {11, 12, 13, 14})
    void theCurveIsThePriceAtRandomPoints(long seed) {
        RandomCards cards = new RandomCards(seed);
        for (int i = 0; i < 60; i++) {
            PreparedCard card = cards.card();
            Asked trial = cards.asked(card, cards.product());
            CardCurves curves = new CardCurves(card, trial, RandomCards.EURO);
            if (price(card, trial).isEmpty()) {
                continue;
            }
            pieces(cards, card, trial, curves.along(new Variable.Pieces()).orElseThrow());
            for (Measurement ask : card.card().measurements()) {
                measured(
                        cards,
                        card,
                        trial,
                        ask,
                        curves.along(new Variable.Measured(ask.name())).orElseThrow());
            }
        }
        assertThat(exactRuns).as("of %s", allRuns).isGreaterThan(allRuns * 2 / 3);
    }

    private void pieces(RandomCards cards, PreparedCard card, Asked trial, Curve curve) {
        assertThat(curve.exact()).isTrue();
        for (int i = 0; i < 30; i++) {
            long quantity = 1 + cards.upTo(i % 3 == 0 ? 1_000_000 : 60);
            Asked asked = new Asked(trial.item(), quantity, trial.answers(), trial.group(), trial.day());
            compare(card, asked, curve, BigDecimal.valueOf(quantity));
        }
    }

    private void measured(RandomCards cards, PreparedCard card, Asked trial, Measurement ask, Curve curve) {
        allRuns += curve.runs().size();
        exactRuns +=
                (int) curve.runs().stream().filter(run -> run.form() != null).count();
        for (int i = 0; i < 25; i++) {
            BigDecimal x = cards.value(ask);
            Map<String, Answer> answers = new HashMap<>(trial.answers().byName());
            answers.put(ask.name(), new Answer.Number(x, null));
            Asked asked = new Asked(
                    trial.item(),
                    trial.quantity(),
                    new Answers(answers, trial.answers().pack()),
                    trial.group(),
                    trial.day());
            compare(card, asked, curve, x);
        }
    }

    private static void compare(PreparedCard card, Asked asked, Curve curve, BigDecimal x) {
        Optional<PricedLine> line = price(card, asked);
        assertThat(curve.total(x)).as("total of %s at %s", card.card(), x).isEqualTo(line.map(PricedLine::total));
        assertThat(curve.unit(x)).isEqualTo(line.map(PricedLine::shownPerPiece));
    }

    private static Optional<PricedLine> price(PreparedCard card, Asked asked) {
        return Samples.priced(() -> TrialLine.of(card, asked, RandomCards.EURO).price());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "length > 2.5 m",
                "length >= 250 cm",
                "width + 1 m < length",
                "AND(length > 1 m; NOT(length <= 2.2 m))"
            })
    void casesThatChangeAlongTheMeasurementAreExactOnBothSides(String when) {
        PreparedCard card = PreparedCard.prepare(
                        RateCard.named("Covers")
                                .asks(List.of(
                                        Measurement.of("length", Unit.CM, "50", "400", "1"),
                                        Measurement.of("width", Unit.CM, "50", "300", "1")))
                                .limits(List.of(new JointLimit("length + width <= 5.2 m", "At most 5.2 m together.")))
                                .cases(new Cases(
                                        List.of(new Cases.Conditional(
                                                when, Case.of(PiecePrice.Rate.of("length * width", Unit.M2, "30")))),
                                        Case.of(PiecePrice.Rate.of("length * width", Unit.M2, "20"))))
                                .build(),
                        "EUR")
                .orThrow();
        Asked trial = new Asked(
                Product.of(new Sku("CVR"), "Cover", null).items().get(0),
                1,
                Answers.of(Map.of("length", Answer.of("200"), "width", Answer.of("150"))),
                null,
                RandomCards.DAY);
        Curve curve = new CardCurves(card, trial, RandomCards.EURO)
                .along(new Variable.Measured("length"))
                .orElseThrow();
        assertThat(curve.exact()).isTrue();
        for (int x = 50; x <= 400; x++) {
            Asked there = new Asked(
                    trial.item(),
                    1,
                    Answers.of(Map.of("length", Answer.of("" + x), "width", Answer.of("150"))),
                    null,
                    RandomCards.DAY);
            compare(card, there, curve, BigDecimal.valueOf(x));
        }
        assertThat(curve.total(BigDecimal.valueOf(371))).isEmpty();
    }

    /** The bend lies so near the end that points well inside miss it. */
    @Test
    void aReductionThatEndsAtNothingIsNotDrawnThroughBelowIt() {
        PreparedCard card = PreparedCard.prepare(
                        RateCard.named("Ballast")
                                .asks(List.of(Measurement.of("weight", Unit.KG, "0.5", "100", "0.5")))
                                .piece(PiecePrice.Rate.of("weight", Unit.KG, "2.70"))
                                .ladder(new Ladder(
                                        Ladder.Counts.PIECES,
                                        Over.LINE,
                                        Ladder.Mode.ALL_UNITS,
                                        Ladder.Value.AMOUNT_OFF,
                                        null,
                                        List.of(Break.everyone(2, new BigDecimal("8.07"))),
                                        null,
                                        null,
                                        null,
                                        false,
                                        false))
                                .build(),
                        "EUR")
                .orThrow();
        Asked trial = new Asked(
                Product.of(new Sku("LEAD"), "Ballast", null).items().get(0),
                2,
                Answers.of(Map.of("weight", Answer.of("50"))),
                null,
                RandomCards.DAY);
        Curve curve = new CardCurves(card, trial, RandomCards.EURO)
                .along(new Variable.Measured("weight"))
                .orElseThrow();
        assertThat(curve.total(new BigDecimal("2.5"))).hasToString("Optional[0.00]");
        assertThat(curve.total(new BigDecimal("50"))).hasToString("Optional[253.86]");
    }

    @Test
    void anAmountThatIsRoundedUpJumpsAfterEachStep() {
        PreparedCard card = PreparedCard.prepare(
                        RateCard.named("Cloth")
                                .asks(List.of(
                                        Measurement.of("length", Unit.CM, "50", "300", "1"),
                                        Measurement.of("width", Unit.M, "1", "2", "1")))
                                .piece(new PiecePrice.Rate(
                                        "length * width",
                                        Unit.M2,
                                        new BigDecimal("20"),
                                        null,
                                        new BigDecimal("0.5"),
                                        BigDecimal.ONE,
                                        null))
                                .build(),
                        "EUR")
                .orThrow();
        Curve curve = new CardCurves(card, trial(Map.of("length", "100", "width", "1")), RandomCards.EURO)
                .along(new Variable.Measured("length"))
                .orElseThrow();
        assertThat(curve.exact()).isTrue();
        assertThat(curve.runs())
                .extracting(run -> run.until().toPlainString() + run.untilIncluded())
                .containsExactly("100true", "150true", "200true", "250true", "300true");
        assertThat(curve.total(new BigDecimal("150"))).hasToString("Optional[30.00]");
        assertThat(curve.total(new BigDecimal("150.01"))).hasToString("Optional[40.00]");
    }

    @Test
    void theCurveOverTheAmountTakesTheAmountItself() {
        PreparedCard card = PreparedCard.prepare(
                        RateCard.named("Rope")
                                .asks(List.of(Measurement.of("length", Unit.M, "1", "200", "1")))
                                .piece(new PiecePrice.Rate(
                                        "length * 2",
                                        Unit.M,
                                        new BigDecimal("3.10"),
                                        null,
                                        null,
                                        null,
                                        new PiecePrice.RateBreaks(
                                                true, List.of(Break.everyone(20, new BigDecimal("2.75"))))))
                                .build(),
                        "EUR")
                .orThrow();
        Curve curve = new CardCurves(card, trial(Map.of("length", "4")), RandomCards.EURO)
                .along(new Variable.Amount())
                .orElseThrow();
        assertThat(curve.runs()).hasSize(2);
        assertThat(curve.total(new BigDecimal("20.5"))).hasToString("Optional[63.38]");
    }

    @Test
    void whereAFormulaHasNoClosedFormTheCurveIsSampledAndSaysSo() {
        PreparedCard card = PreparedCard.prepare(
                        RateCard.named("Discs")
                                .asks(List.of(Measurement.of("length", Unit.CM, "10", "100", "1")))
                                .piece(new PiecePrice.ByFormula("SQRT(length * 4 m) * 2 EUR/m"))
                                .build(),
                        "EUR")
                .orThrow();
        CardCurves curves = new CardCurves(card, trial(Map.of("length", "25")), RandomCards.EURO);
        Curve curve = curves.along(new Variable.Measured("length")).orElseThrow();
        assertThat(curve.exact()).isFalse();
        assertThat(curve.runs().get(0).samples()).hasSizeGreaterThan(50).anySatisfy(sample -> {
            assertThat(sample.x()).isEqualByComparingTo("100");
            assertThat(sample.total()).hasToString("4.00");
        });
        assertThat(curve.total(new BigDecimal("25"))).hasToString("Optional[2.00]");
        assertThat(curves.along(new Variable.Measured("height"))).isEmpty();
        assertThat(curves.along(new Variable.Amount())).isEmpty();
    }

    private static Asked trial(Map<String, String> answers) {
        Map<String, Answer> typed = new HashMap<>();
        answers.forEach((name, text) -> typed.put(name, Answer.of(text)));
        return new Asked(
                Product.of(new Sku("A"), "A", null).items().get(0), 1, Answers.of(typed), null, RandomCards.DAY);
    }
}
