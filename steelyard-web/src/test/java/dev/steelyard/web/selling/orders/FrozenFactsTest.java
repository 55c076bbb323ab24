package dev.steelyard.web.selling.orders;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.reckoning.Reckoning;
import dev.steelyard.core.reckoning.Step;
import dev.steelyard.core.reckoning.Step.Figure;
import dev.steelyard.core.reckoning.Step.Point;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Told;
import dev.steelyard.core.unit.Unit;
import dev.steelyard.format.Json;
import dev.steelyard.web.base.page.ReckoningText;
import dev.steelyard.words.Language;
import dev.steelyard.words.Words;
import java.math.BigDecimal;
import java.util.List;
import org.junit.jupiter.api.Test;

class FrozenFactsTest {

    private static final Unit SQUARE_METRE = Unit.of("m2").orElseThrow();

    @Test
    void whatIsFrozenIsReadInAnyLanguage() {
        Step rounded = new Step(
                Fact.of(Told.ROUNDED_UP),
                Fact.of(
                        Told.UP_TO_NEXT,
                        new Part.Amount(new BigDecimal("23.9274"), SQUARE_METRE),
                        new Part.Amount(new BigDecimal("0.25"), SQUARE_METRE)),
                new Figure(new BigDecimal("24.00"), 0, SQUARE_METRE),
                Point.R1);
        var frozen = FrozenFacts.freeze(new Reckoning(List.of(rounded), List.of()));
        assertThat(read(frozen.toString(), Language.GERMAN).label()).isEqualTo("Aufgerundet");
        assertThat(read(frozen.toString(), Language.GERMAN).detail()).isEqualTo("23,9274 m² auf die nächsten 0,25 m²");
        assertThat(read(frozen.toString(), Language.ENGLISH).result()).isEqualTo("24 m²");
    }

    /** Orders that were placed when the core still made sentences. */
    @Test
    void sentencesOfBeforeAreShownAsTheyAre() {
        ReckoningText.Line line = read(
                "[{\"label\": \"Breaks\", \"detail\": \"from 12: 6.90\", \"result\": \"82.80\", \"rounding\": \"R3\"}]",
                Language.GERMAN);
        assertThat(line).isEqualTo(new ReckoningText.Line("Breaks", "from 12: 6.90", "82.80", "R3"));
        assertThat(FrozenFacts.say(Json.read("\"12 × Deck brush\""), Words.shoppers(Language.DUTCH)))
                .isEqualTo("12 × Deck brush");
        assertThat(FrozenFacts.say(null, Words.owners())).isEmpty();
    }

    private static ReckoningText.Line read(String frozen, Language language) {
        return FrozenFacts.steps(Json.read(frozen), Words.shoppers(language)).get(0);
    }
}
