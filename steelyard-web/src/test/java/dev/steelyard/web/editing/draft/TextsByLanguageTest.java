package dev.steelyard.web.editing.draft;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.format.Json;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.node.ObjectNode;

class TextsByLanguageTest {

    @Test
    void aTextIsOneAndBecomesSeveralAndOneAgain() {
        DraftDocument card = card("{\"asks\": [{\"measurement\": \"length\", \"label\": \"Length\"}]}");
        card.put("/asks/0/label/de", "Länge");
        assertThat(card.at("/asks/0/label").toString()).isEqualTo("{\"en\":\"Length\",\"de\":\"Länge\"}");
        assertThat(card.text("/asks/0/label")).isEqualTo("Length");
        card.put("/asks/0/label", "How long");
        assertThat(card.text("/asks/0/label/de")).isEqualTo("Länge");
        assertThat(card.text("/asks/0/label")).isEqualTo("How long");
        card.put("/asks/0/label/de", " ");
        assertThat(card.at("/asks/0/label").toString()).isEqualTo("\"How long\"");
    }

    @Test
    void whatIsWrittenInAnotherLanguageAloneStays() {
        DraftDocument card = card("{\"asks\": [{\"measurement\": \"length\"}], \"language\": \"de\"}");
        card.put("/asks/0/label/fr", "Longueur");
        assertThat(card.at("/asks/0/label").toString()).isEqualTo("{\"de\":\"\",\"fr\":\"Longueur\"}");
        assertThat(card.text("/asks/0/label")).isEmpty();
        card.put("/asks/0/label", "Länge");
        assertThat(card.text("/asks/0/label")).isEqualTo("Länge");
        card.put("/asks/0/label/fr", "");
        card.put("/asks/0/label", "");
        assertThat(card.has("/asks/0/label")).isFalse();
    }

    @Test
    void nothingSaidInALanguageChangesNothing() {
        DraftDocument card = card("{\"asks\": [{\"measurement\": \"length\", \"label\": \"Length\"}]}");
        DraftDocument before = card.copy();
        card.put("/asks/0/label/de", "");
        card.put("/asks/0/help/nl", "");
        card.put("/language", "en");
        assertThat(card).isEqualTo(before);
        card.put("/language", "de");
        assertThat(card.text("/language")).isEqualTo("de");
    }

    private static DraftDocument card(String json) {
        return DraftDocument.of((ObjectNode) Json.read(json));
    }
}
