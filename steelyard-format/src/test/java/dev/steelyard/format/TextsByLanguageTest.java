package dev.steelyard.format;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.deal.Deal;
import java.time.ZoneOffset;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** What an owner writes in several languages. */
class TextsByLanguageTest {

    private static final String CARD =
            """
            {"name": "Rope", %s
             "asks": [{"measurement": "length", "label": %s, "help": "Cut square.", "kind": "length", "unit": "m"}]}""";
    private static final String BOTH = "{\"en\": \"Length\", \"de\": \"Länge\"}";

    @Test
    void theCardsOwnLanguageIsReadFirstAndTheOthersBeside() {
        Measurement length = measurement(CARD.formatted("\"language\": \"de\",", BOTH));
        assertThat(length.label().own()).isEqualTo("Länge");
        assertThat(length.label().in("en")).isEqualTo("Length");
        assertThat(length.label().in("fr")).isEqualTo("Länge");
        assertThat(length.help().in("de")).isEqualTo("Cut square.");
    }

    @Test
    void whereTheCardDoesNotSayTheFirstIsItsOwn() {
        assertThat(measurement(CARD.formatted("", BOTH)).label().own()).isEqualTo("Length");
        assertThat(measurement(CARD.formatted("", BOTH)).label().others()).isEqualTo(Map.of("de", "Länge"));
    }

    @Test
    void whatIsReadIsWrittenAgain() {
        JsonNode written = CardWriter.write(card(CARD.formatted("\"language\": \"de\",", BOTH)));
        assertThat(written.at("/language").stringValue()).isEqualTo("de");
        assertThat(written.at("/asks/0/label").toString()).isEqualTo("{\"de\":\"Länge\",\"en\":\"Length\"}");
        assertThat(written.at("/asks/0/help").stringValue()).isEqualTo("Cut square.");
        assertThat(card(written.toString())).isEqualTo(card(CARD.formatted("\"language\": \"de\",", BOTH)));
    }

    @Test
    void aDealHasItsWordsByLanguage() {
        Deal deal = Documents.readDeal(
                        """
                        {"name": "Rope days", "kind": "spend", "covers": {"everything": true}, "value": "percent-off",
                         "words": {"en": "Rope days", "fr": "Jours cordage"}, "rows": [{"from": 150, "value": 5}]}""",
                        ZoneOffset.UTC)
                .deal();
        assertThat(deal.words().in("fr")).isEqualTo("Jours cordage");
        assertThat(deal.words().in("nl")).isEqualTo("Rope days");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "{\"Deutsch!\": \"Länge\"} | “Deutsch!” is no language; texts by language are like",
                "{\"de\": 5} | 5 is no text; texts by language are like",
                "[\"Länge\"] | "
            })
    void whatIsNoTextIsRefusedAtItsPlace(String label, String words) {
        var draft = Documents.readDraft(Json.read(CARD.formatted("", label)), Examples.EURO);
        assertThat(draft.issues()).singleElement().satisfies(issue -> {
            assertThat(issue.at()).startsWith("/asks/0/label");
            assertThat(issue.message()).isNotBlank().contains(words == null ? "" : words);
        });
    }

    private static Measurement measurement(String json) {
        return card(json).measurements().get(0);
    }

    private static RateCard card(String json) {
        var draft = Documents.readDraft(Json.read(json), Examples.EURO);
        assertThat(draft.issues()).isEmpty();
        return draft.card();
    }
}
