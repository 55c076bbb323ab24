package dev.steelyard.web.goods.about;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.goods.about.GoodsInLanguages.Text;
import dev.steelyard.words.Language;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Texts of forms over texts that somebody else may have changed. */
class TextsTypedTest {

    private static final List<Language> GERMAN = List.of(Language.GERMAN);
    private static final String NAME = "name.0.de";
    private static final String DESCRIPTION = "description.0.de";
    private static final List<Text> TEXTS = List.of(
            new Text("name.0", "Name", "Deck brush", Map.of()),
            new Text("description.0", "Description", "Stiff", Map.of()));

    @Test
    void whatIsTypedIsWrittenAndWhatIsEmptiedGoes() {
        TextsTyped written = over(
                Map.of(NAME, "Schrubber", DESCRIPTION, "Steif"),
                Map.of(NAME, " Deckbürste ", DESCRIPTION, " "),
                Map.of(NAME, "Schrubber", DESCRIPTION, "Steif"));
        assertThat(written.faults()).isEmpty();
        assertThat(written.after()).isEqualTo(Map.of(NAME, "Deckbürste"));
    }

    @Test
    void whatIsNotInTheFormStays() {
        assertThat(over(Map.of(NAME, "Schrubber", DESCRIPTION, "Steif"), Map.of(NAME, "Besen"), Map.of())
                        .after())
                .isEqualTo(Map.of(NAME, "Besen", DESCRIPTION, "Steif"));
    }

    @Test
    void somebodyElsesTextIsNeverWrittenOver() {
        TextsTyped late = over(Map.of(NAME, "Schrubber"), Map.of(NAME, "Besen"), Map.of(NAME, "Deckbürste"));
        assertThat(late.faults()).containsOnlyKeys(NAME);
        assertThat(late.faults().get(NAME)).contains("Schrubber");
        assertThat(late.after()).isEqualTo(Map.of(NAME, "Schrubber"));
        TextsTyped alike = over(Map.of(NAME, "Besen"), Map.of(NAME, "Besen"), Map.of(NAME, "Deckbürste"));
        assertThat(alike.faults()).isEmpty();
        TextsTyped untouched = over(Map.of(NAME, "Schrubber"), Map.of(NAME, "Deckbürste"), Map.of(NAME, "Deckbürste"));
        assertThat(untouched.faults()).isEmpty();
        assertThat(untouched.after()).isEqualTo(Map.of(NAME, "Schrubber"));
    }

    @Test
    void eachTextHasItsOwnBound() {
        assertThat(over(Map.of(), Map.of(NAME, "x".repeat(200), DESCRIPTION, "x".repeat(2000)), Map.of())
                        .faults())
                .isEmpty();
        assertThat(over(Map.of(), Map.of(NAME, "x".repeat(201), DESCRIPTION, "x".repeat(2001)), Map.of())
                        .faults())
                .containsExactly(
                        Map.entry(NAME, "At most 200 characters; these are 201"),
                        Map.entry(DESCRIPTION, "At most 2000 characters; these are 2001"));
    }

    private static TextsTyped over(Map<String, String> before, Map<String, String> typed, Map<String, String> seen) {
        return TextsTyped.over(TEXTS, GERMAN, before, typed, seen);
    }
}
