package dev.steelyard.web.selling.shown;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.unit.Unit;
import dev.steelyard.format.Documents;
import dev.steelyard.format.Json;
import dev.steelyard.web.selling.shown.AskView.OptionView;
import dev.steelyard.web.selling.shown.AskView.UnitView;
import dev.steelyard.words.Words;
import java.math.BigDecimal;
import java.util.Currency;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.node.ObjectNode;

/** Asks as fields, answers in words, prices per unit. */
class AskViewTest {

    private static final RateCard CARD = Documents.readDraft(
                    (ObjectNode)
                            Json.read(
                                    """
                    {"name": "A", "asks": [
                      {"measurement": "length", "label": "Length", "kind": "length", "unit": "cm", "min": 150, "max": 1200,
                       "otherUnits": ["m"], "help": "stem to stern"},
                      {"measurement": "free", "kind": "number", "unit": "1"},
                      {"measurement": "most", "kind": "weight", "unit": "kg", "max": 1000},
                      {"measurement": "least", "kind": "weight", "unit": "kg", "min": 2.5},
                      {"choice": "hem", "label": "Hem", "look": "cards", "options": [
                        {"name": "plain"},
                        {"name": "roped", "label": "with rope", "charge": {"perUnit": "2.35", "per": "m", "of": "length"}},
                        {"name": "hooks", "charge": {"perPiece": "18.00"}},
                        {"name": "zip", "charge": {"percent": "12.5"}},
                        {"name": "seconds", "charge": {"perPiece": "-5.00"}},
                        {"name": "drawn", "charge": {"perLine": "9.00"}},
                        {"name": "given", "charge": {"perPiece": "0"}}]},
                      {"choice": "tick", "look": "tick", "required": false, "options": [{"name": "no"}, {"name": "yes"}]}]}"""),
                    ShopRules.of(Currency.getInstance("EUR")))
            .card();

    @Test
    void chargesAndLimitsAreSaidBeforehand() {
        List<AskView> asks =
                AskView.of(CARD, Set.of("length", "hem"), typed("a.length", "5", "u.length", "m"), AsSeen.asItIs(2));
        assertThat(asks)
                .extracting(AskView::limits)
                .containsExactly("150 to 1,200 cm", "", "up to 1,000 kg", "from 2.5 kg", "", "");
        assertThat(asks.get(0).units()).extracting(UnitView::symbol).containsExactly("cm", "m");
        assertThat(asks.get(0).unit()).isEqualTo("m");
        assertThat(asks.get(0).help()).isEqualTo("stem to stern");
        assertThat(asks.get(4).options())
                .extracting(OptionView::charge)
                .containsExactly(
                        "no charge", "+ 2.35 per m", "+ 18.00", "+ 12.5 %", "− 5.00", "+ 9.00 once", "no charge");
        assertThat(asks).extracting(AskView::open).containsExactly(true, false, false, false, true, false);
        assertThat(asks)
                .extracting(AskView::look)
                .containsExactly("measured", "measured", "measured", "measured", "cards", "tick");
        assertThat(asks.get(5).required()).isFalse();
    }

    @Test
    void aUnitThatIsNotOfferedIsTheAsksOwn() {
        assertThat(AskView.of(CARD, Set.of(), typed("u.length", "ft"), AsSeen.asItIs(2))
                        .get(0)
                        .unit())
                .isEqualTo("cm");
    }

    @Test
    void answersAreSaidInWords() {
        TypedAnswers typed = typed("a.length", "5,2 m", "a.hem", "roped", "a.free", "3", "a.none", "x");
        assertThat(AnswerWords.of(CARD, typed.answers(CARD)).stream().map(Words.owners()::say))
                .containsExactly("Length 5.2 m", "free 3", "Hem with rope");
        assertThat(Words.owners().say(AnswerWords.counted(List.of(Part.name("a"), Part.name("b"), Part.name("a")))))
                .isEqualTo("2 × a, 1 × b");
    }

    @ParameterizedTest
    @CsvSource({
        "2.10, 0.5, G, 4.20 per kg",
        "92.00, 25, KG, 3.68 per kg",
        "5.00, 0.45359237, LB, 5.00 per lb",
        "3.00, 0.002, ML, 1.50 per l",
        "7.00, 0.1, MM, 70.00 per m",
        "10.00, 3, M2, 3.33 per m²",
    })
    void pricesAreSaidPerUnitThatPeopleBuyIn(String money, String amount, Unit unit, String words) {
        assertThat(UnitPrice.of(new BigDecimal(money), new BigDecimal(amount), unit, AsSeen.asItIs(2))
                        .replace(",", ""))
                .isEqualTo(words);
    }

    @Test
    void nothingIsSaidPerUnitWhereNothingIsMeasured() {
        assertThat(UnitPrice.of(BigDecimal.TEN, null, null, AsSeen.asItIs(2))).isNull();
        assertThat(UnitPrice.of(BigDecimal.TEN, BigDecimal.ZERO, Unit.KG, AsSeen.asItIs(2)))
                .isNull();
    }

    private static TypedAnswers typed(String... namesAndValues) {
        Map<String, String> fields = new java.util.LinkedHashMap<>();
        for (int i = 0; i < namesAndValues.length; i += 2) {
            fields.put(namesAndValues[i], namesAndValues[i + 1]);
        }
        return new TypedAnswers(fields, "");
    }
}
