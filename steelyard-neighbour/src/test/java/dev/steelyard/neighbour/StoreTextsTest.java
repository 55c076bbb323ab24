package dev.steelyard.neighbour;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import java.util.ResourceBundle;
import org.junit.jupiter.api.Test;

class StoreTextsTest {

    @Test
    void everyLanguageHasEveryText() {
        var names = ResourceBundle.getBundle("neighbour.texts", Locale.ROOT).keySet();
        for (String language : StoreTexts.LANGUAGES) {
            StoreTexts texts = new StoreTexts(language);
            assertThat(names).allSatisfy(name -> assertThat(texts.get(name)).isNotBlank());
        }
        assertThat(new StoreTexts("de").get("cart")).isEqualTo("Warenkorb");
    }
}
