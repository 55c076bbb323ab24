package dev.steelyard.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.steelyard.core.said.DealSays;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Part.Join;
import dev.steelyard.core.said.Refusal;
import dev.steelyard.core.said.Told;
import dev.steelyard.core.said.Wording;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Facts that were written are read; what is none is not guessed. */
class FactReaderTest {

    static Stream<Part> parts() {
        return Stream.of(
                Part.NONE,
                Part.count(12),
                new Part.Number(new BigDecimal("7.5")),
                new Part.Money(new BigDecimal("6.90"), 2),
                new Part.Amount(new BigDecimal("0.25"), Unit.of("m2").orElseThrow()),
                new Part.Name(new Wording("Length", "en", Map.of("de", "Länge", "fr", "Longueur"))),
                new Part.Called("Rope days", Wording.of("Rope and chain days")),
                new Part.Typed("two"),
                new Part.Worked("2 m + 3 m", true),
                new Part.Day(LocalDate.of(2027, 3, 1)),
                new Part.Country("FR"),
                new Part.PaidBy("bank transfer"),
                new Part.Of(Fact.of(Told.MINIMUM_CHARGE)),
                new Part.All(Join.PLUS, List.of(Part.count(1), new Part.Typed("x"))));
    }

    @ParameterizedTest
    @MethodSource("parts")
    void aPartIsReadAsItWasWritten(Part part) {
        assertThat(FactReader.part(Json.read(FactWriter.write(part).toString())))
                .isEqualTo(part);
        Fact fact = Fact.of(DealSays.OTHER_PAYMENT, part, Part.NONE);
        assertThat(FactReader.read(Json.read(FactWriter.write(fact).toString())))
                .isEqualTo(fact);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "{} | there is no code",
                "{\"code\": \"refusal.none-of-ours\"} | there is no code “refusal.none-of-ours”",
                "{\"code\": \"deal.percent-off\", \"figures\": {\"percent\": {\"weight\": 5}}} | this is no figure",
                "{\"code\": \"told.to-smallest\"} | there is no code"
            })
    void whatIsNoFactIsRefused(String json, String words) {
        assertThatThrownBy(() -> FactReader.read(Json.read(json)))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(words);
    }

    @ParameterizedTest
    @CsvSource({"furlong", "''"})
    void aUnitThatThereIsNotIsRefused(String unit) {
        Fact fact = Fact.of(
                Refusal.SOLD_FROM_AMOUNT,
                new Part.Amount(BigDecimal.ONE, Unit.of("m").orElseThrow()));
        String written = FactWriter.write(fact).toString().replace("\"m\"", "\"" + unit + "\"");
        assertThatThrownBy(() -> FactReader.read(Json.read(written)))
                .hasMessageContaining("there is no unit “" + unit + "”");
    }
}
