package dev.steelyard.format;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.pricing.LineResult;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.reckoning.Step;
import dev.steelyard.format.Document.Order;
import dev.steelyard.format.Examples.Example;
import dev.steelyard.words.Words;
import java.math.BigDecimal;
import java.time.ZoneOffset;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class ExamplesTest {

    static Stream<Example> orders() {
        return Stream.of("lines.json", "more-lines.json").flatMap(Examples::orders);
    }

    @Test
    void allAreThere() {
        assertThat(Examples.documents("lines.json")).hasSize(19);
        assertThat(Examples.orders("lines.json"))
                .hasSize(105)
                .allMatch(example -> example.order().expected() != null);
    }

    @ParameterizedTest
    @MethodSource("orders")
    void comesToTheFigureGiven(Example example) {
        LineResult result = Trials.price(example.document(), example.order(), Examples.ANY_DAY);
        assertThat(Trials.mismatch(example.order(), result)).isNull();
    }

    @ParameterizedTest
    @MethodSource("orders")
    void theReckoningEndsWithTheLine(Example example) {
        if (Trials.price(example.document(), example.order(), Examples.ANY_DAY) instanceof PricedLine line) {
            List<Step> steps = line.reckoning().steps();
            assertThat(steps.get(steps.size() - 1).result().value())
                    .isEqualByComparingTo(line.total().value());
            assertThat(steps).noneMatch(step -> Words.owners().say(step.what()).isBlank());
        }
    }

    @ParameterizedTest
    @MethodSource("orders")
    void writingAndReadingItsCardChangesNoPrice(Example example) {
        RateCard card = example.document().card().card();
        Documents.CardReading again = Documents.readCard(Json.write(CardWriter.write(card)), ZoneOffset.UTC);
        assertThat(again.issues()).isEmpty();
        assertThat(again.card()).isEqualTo(card);
    }

    @Test
    void theCommandRefusesAnExampleThatDoesNotHold() {
        Example first = Examples.orders("lines.json").findFirst().orElseThrow();
        Order order = first.order();
        Order other = new Order(
                order.line(),
                order.before(),
                order.customer(),
                order.at(),
                new Document.Expected(new BigDecimal("7.41"), null, null, null));
        LineResult result = Trials.price(first.document(), order, Examples.ANY_DAY);
        assertThat(Trials.mismatch(other, result)).isEqualTo("expected 7.41, but it comes to 7.40 (7.40 each)");
    }
}
