package dev.steelyard.core.prepared;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.card.NamedRate;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.prepared.Answers.Answer;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FormulaValueTest {

    private final PreparedCard card = PreparedCard.prepare(
                    RateCard.named("Covers")
                            .asks(List.of(
                                    Measurement.of("length", Unit.CM, "150", "1200", "1"),
                                    Measurement.of("width", Unit.CM, "80", "450", "1")))
                            .rates(List.of(new NamedRate("cloth", new BigDecimal("21.40"), "EUR/m2")))
                            .build(),
                    "EUR")
            .orThrow();

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "length * width | 11.0353 m²",
                "length | 5.23 m",
                "length * width * cloth | 236.15542",
                "2 EUR | 2.00",
                "pieces * 2 | 6",
                "length > 5 m | yes",
                "length / 3 | 1.743333 m",
                "cloth | none",
                "length * heigth | none",
                "1 / (pieces - 3) | none",
                "\"loose\" | none",
            })
    void isShownInItsUnit(String formula, String expected) {
        Asked asked = new Asked(
                Product.of(new Sku("CVR"), "Cover", null).items().get(0),
                3,
                Answers.of(Map.of("length", Answer.of("523"), "width", Answer.of("211"))),
                null,
                LocalDate.of(2027, 4, 1));
        assertThat(card.valueOf(formula, asked).orElse("none")).isEqualTo(expected);
    }
}
