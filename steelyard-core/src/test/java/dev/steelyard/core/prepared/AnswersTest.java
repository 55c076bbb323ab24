package dev.steelyard.core.prepared;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.card.CardState;
import dev.steelyard.core.card.Case;
import dev.steelyard.core.card.Cases;
import dev.steelyard.core.card.Charge;
import dev.steelyard.core.card.Choice;
import dev.steelyard.core.card.Covers;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.card.OtherUnit;
import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.prepared.Answers.Answer;
import dev.steelyard.core.reckoning.Notes;
import dev.steelyard.core.reckoning.Refused;
import dev.steelyard.core.testing.RandomCards;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is said of answers that cannot be taken. */
class AnswersTest {

    private static final Item GOODS =
            Product.of(new Sku("A"), "Goods", BigDecimal.TEN).items().get(0);
    private static final PreparedCard CARD = PreparedCard.prepare(
                    RateCard.named("Covers")
                            .asks(List.of(
                                    new Measurement(
                                            "length",
                                            "Length",
                                            Measurement.Type.LENGTH,
                                            Unit.CM,
                                            List.of(OtherUnit.of(Unit.M)),
                                            new BigDecimal("150"),
                                            new BigDecimal("1200"),
                                            BigDecimal.TEN,
                                            null,
                                            true,
                                            null,
                                            null,
                                            "We cut up to 12 m; ask us for more."),
                                    new Measurement(
                                            "count",
                                            "Eyelets",
                                            Measurement.Type.COUNT,
                                            Unit.ONE,
                                            List.of(),
                                            null,
                                            null,
                                            null,
                                            null,
                                            true,
                                            null,
                                            null,
                                            null),
                                    Choice.of(
                                            "hem",
                                            Choice.Option.of("plain", Charge.NONE),
                                            Choice.Option.of("roped", Charge.NONE)),
                                    new Choice(
                                            "colour",
                                            "Colour",
                                            List.of(Choice.Option.of("red", Charge.NONE)),
                                            null,
                                            Choice.Look.LIST,
                                            true,
                                            "hem = \"roped\" ")))
                            .build(),
                    "EUR")
            .orThrow();

    @Test
    void rightAnswersAreTaken() {
        assertThat(faults(Map.of("length", "150", "count", "4", "hem", "plain")))
                .isEmpty();
        assertThat(faults(Map.of("length", " 200 ", "count", "-3", "hem", "roped", "colour", "red")))
                .isEmpty();
    }

    @Test
    void everyWrongAnswerIsToldByItsField() {
        assertThat(faults(Map.of("length", "15O", "count", "2.5", "hem", "velvet", "size", "L")))
                .containsExactly(
                        "length: not-a-number(label: Length, typed: 15O)",
                        "count: does-not-fit(label: Eyelets, given: 2.5, allowed: any-number(unit: 1, whole: whole-numbers), nearest: 2 or 3)",
                        "hem: option-unknown(label: hem, typed: velvet, options: plain or roped)",
                        "size: not-asked(name: size)");
    }

    @Test
    void whatIsMissingSaysWhatIsAllowed() {
        assertThat(faults(Map.of()))
                .containsExactly(
                        "length: answer-missing(label: Length, allowed: between(least: 150, most: 1200 cm, step: 10 cm, whole: whole-numbers))",
                        "count: answer-missing(label: Eyelets, allowed: any-number(unit: 1, whole: whole-numbers))",
                        "hem: choice-missing(label: hem, options: plain or roped)");
    }

    @Test
    void limitsUseTheOwnersWordsWhereThereAreSome() {
        assertThat(faults(Map.of("length", "1210", "count", "1", "hem", "plain")))
                .containsExactly("length: own-words(words: We cut up to 12 m; ask us for more.)");
        assertThat(faults(Map.of("length", "155", "count", "1", "hem", "plain")))
                .containsExactly(
                        "length: does-not-fit(label: Length, given: 155 cm, allowed: between(least: 150, most: 1200 cm, step: 10 cm, whole: whole-numbers), nearest: 150 cm or 160 cm)");
    }

    @Test
    void anotherUnitIsConvertedExactly() {
        assertThat(faults("length", new Answer.Typed("59", "in")))
                .containsExactly(
                        "length: too-small(label: Length, given: 59 in, allowed: between(least: 150, most: 1200 cm, step: 10 cm, whole: whole-numbers))");
        assertThat(faults("length", new Answer.Typed("12", "m"))).isEmpty();
        assertThat(faults("length", new Answer.Number(new BigDecimal("12.000001"), Unit.M)))
                .hasSize(1);
    }

    /** 150 to 1200 cm in steps of 10, whole; m is offered without a step of its own, mm is not offered. */
    @ParameterizedTest
    @CsvSource({
        "1550, mm, 150 cm or 160 cm",
        "1600, mm,",
        "1.6, m, 2 m",
        "2, m,",
        "15.5, dm,",
        "1995, mm, 190 cm or 200 cm",
        "11995, mm, 1190 cm or 1200 cm",
        "11.5, m, 11 m or 12 m"
    })
    void stepAndWholeNumbersHoldWhateverUnitIsTyped(String value, String unit, @Nullable String nearest) {
        List<String> faults = faults("length", new Answer.Typed(value, unit));
        if (unit.equals("dm")) {
            assertThat(faults.get(0)).contains("unit-unknown(label: Length, typed: dm");
        } else if (nearest == null) {
            assertThat(faults).isEmpty();
        } else {
            assertThat(faults).singleElement().asString().endsWith(", nearest: " + nearest + ")");
        }
    }

    @Test
    void anOfferedUnitMayHaveAStepOfItsOwn() {
        PreparedCard bar = PreparedCard.prepare(
                        RateCard.named("Bar")
                                .asks(List.of(new Measurement(
                                        "length",
                                        "Length",
                                        Measurement.Type.LENGTH,
                                        Unit.CM,
                                        List.of(new OtherUnit(Unit.IN, new BigDecimal("0.125"))),
                                        new BigDecimal("10"),
                                        new BigDecimal("300"),
                                        new BigDecimal("0.5"),
                                        null,
                                        false,
                                        null,
                                        null,
                                        null)))
                                .build(),
                        "EUR")
                .orThrow();
        assertThat(tried(bar, Answers.of(Map.of("length", new Answer.Typed("12.375", "in")))))
                .isEmpty();
        assertThat(tried(bar, Answers.of(Map.of("length", new Answer.Typed("12.3", "in")))))
                .singleElement()
                .asString()
                .endsWith("nearest: 12.25 in or 12.375 in)");
        assertThat(tried(bar, Answers.of(Map.of("length", new Answer.Typed("12.3", "cm")))))
                .singleElement()
                .asString()
                .endsWith("nearest: 12 cm or 12.5 cm)");
    }

    @Test
    void aUnitOfAnotherKindOrNoneIsRefused() {
        assertThat(faults("length", new Answer.Typed("5", "kg")))
                .containsExactly(
                        "length: unit-of-other-kind(label: Length, kind: a length, unit: kg, other: a weight)");
        assertThat(faults("length", new Answer.Typed("5", "ell")).get(0))
                .contains("unit-unknown(label: Length, typed: ell");
        assertThat(faults("length", new Answer.Number(new BigDecimal("1".repeat(31)), null)))
                .containsExactly("length: too-many-digits(label: Length, most: 30)");
    }

    @Test
    void aChoiceThatHangsOnAWrongAnswerIsNotAskedYet() {
        assertThat(faults(Map.of("length", "5", "count", "1", "hem", "roped")))
                .singleElement()
                .asString()
                .startsWith("length: ");
        assertThat(faults(Map.of("length", "150", "count", "1", "hem", "roped")))
                .containsExactly("colour: choice-missing(label: Colour, options: red)");
    }

    private static List<String> faults(String name, Answer answer) {
        Map<String, Answer> answers = new HashMap<>(Map.of("count", Answer.of("1"), "hem", Answer.of("plain")));
        answers.put(name, answer);
        return tried(Answers.of(answers));
    }

    private static List<String> faults(Map<String, String> typed) {
        return tried(answers(typed));
    }

    private static Set<String> open(Map<String, String> typed) {
        return CARD.open(new Asked(GOODS, 1, answers(typed), null, RandomCards.DAY));
    }

    private static Answers answers(Map<String, String> typed) {
        Map<String, Answer> answers = new HashMap<>();
        typed.forEach((name, text) -> answers.put(name, Answer.of(text)));
        return Answers.of(answers);
    }

    private static List<String> tried(Answers answers) {
        return tried(CARD, answers);
    }

    private static List<String> tried(PreparedCard card, Answers answers) {
        try {
            card.piece(new Asked(GOODS, 1, answers, null, RandomCards.DAY), Notes.NONE);
            return List.of();
        } catch (Refused refused) {
            return refused.faults().stream()
                    .map(fault -> fault.place() + ": " + fault.what())
                    .toList();
        }
    }

    @Test
    void aPastedUnitIsUnderstoodOrTheTextRefused() {
        assertThat(Answer.pasted(" 5.2 m ", "cm")).isEqualTo(new Answer.Typed("5.2", "m"));
        assertThat(Answer.pasted("3m²", null)).isEqualTo(new Answer.Typed("3", "m2"));
        assertThat(Answer.pasted("5.2", "cm")).isEqualTo(new Answer.Typed("5.2", "cm"));
        assertThat(Answer.pasted("5,2 m", null)).isEqualTo(new Answer.Typed("5,2", "m"));
        assertThat(Answer.pasted("5.2 mtr", "cm")).isEqualTo(new Answer.Typed("5.2 mtr", "cm"));
        assertThat(Answer.pasted("1e3", null)).isEqualTo(new Answer.Typed("1e3", null));
        assertThat(faults("length", Answer.pasted("5,2 m", null)))
                .containsExactly("length: number-comma(label: Length, typed: 5,2, meant: 5.2)");
        assertThat(faults("length", Answer.pasted("200 kg", null)))
                .containsExactly(
                        "length: unit-of-other-kind(label: Length, kind: a length, unit: kg, other: a weight)");
    }

    @Test
    void onlyWhatIsAskedIsOpen() {
        assertThat(open(Map.of("length", "300", "count", "1"))).containsExactly("length", "count", "hem");
        assertThat(open(Map.of("length", "300", "count", "1", "hem", "roped")))
                .containsExactly("length", "count", "hem", "colour");
        assertThat(open(Map.of("hem", "roped")))
                .as("what it hangs on is not known while something above is wrong")
                .containsExactly("length", "count", "hem");
    }

    @Test
    void beforeAPackIsPickedItsOwnAmountIsAskedAndNotBesideOne() {
        PreparedCard lead = PreparedCard.prepare(
                        RateCard.named("Lead")
                                .asks(List.of(Measurement.of("weight", Unit.KG, "1", "500", "1")))
                                .cases(Cases.always(new Case(
                                        new PiecePrice.Packs(
                                                List.of(new PiecePrice.Pack(
                                                        "5 kg", new BigDecimal("5"), Unit.KG, new BigDecimal("21.00"))),
                                                new PiecePrice.OwnAmount("weight", Unit.KG, new BigDecimal("4.35"))),
                                        BigDecimal.ZERO)))
                                .build(),
                        "EUR")
                .orThrow();
        assertThat(lead.open(new Asked(GOODS, 1, Answers.NONE, null, RandomCards.DAY)))
                .containsExactly("weight");
        assertThat(lead.open(new Asked(GOODS, 1, new Answers(Map.of(), "5 kg"), null, RandomCards.DAY)))
                .isEmpty();
        assertThat(lead.open(new Asked(GOODS, 1, new Answers(Map.of(), "no such"), null, RandomCards.DAY)))
                .containsExactly("weight");
    }

    @Test
    void anotherStateAndCoverChangeNoPrice() {
        PreparedCard paused = CARD.as(CardState.PAUSED, Covers.EVERYTHING);
        assertThat(paused.card().state()).isEqualTo(CardState.PAUSED);
        assertThat(paused.card().asks()).isEqualTo(CARD.card().asks());
        Asked asked = new Asked(
                GOODS, 2, answers(Map.of("length", "150", "count", "4", "hem", "plain")), null, RandomCards.DAY);
        assertThat(paused.piece(asked, Notes.NONE)).isEqualTo(CARD.piece(asked, Notes.NONE));
    }
}
