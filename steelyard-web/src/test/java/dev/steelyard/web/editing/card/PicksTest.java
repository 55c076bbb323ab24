package dev.steelyard.web.editing.card;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.util.LinkedMultiValueMap;
import org.springframework.util.MultiValueMap;

class PicksTest {

    @ParameterizedTest
    @ValueSource(
            strings = {
                "length > 8 m",
                "hem = \"roped\"",
                "hem <> \"closed cell\"",
                "pieces >= 10",
                "AND(length > 8 m; width <= 120 cm)",
                "OR(hem = \"roped\"; hem = \"plain\"; length < 1 m)",
            })
    void whatCanBePickedIsWrittenAsItWasRead(String formula) {
        assertThat(Picks.of(formula, "EUR")).get().extracting(Picks::write).isEqualTo(formula);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "length * width > 8 m2",
                "NOT(length > 8 m)",
                "length > width",
                "length >",
                "AND(length > 8 m; OR(a = 1; b = 2))"
            })
    void whatSaysMoreStaysAFormula(String formula) {
        assertThat(Picks.of(formula, "EUR")).isEmpty();
    }

    @Test
    void aChoiceIsComparedWithATextAndAnEmptyNumberWithNothing() {
        MultiValueMap<String, String> sent = new LinkedMultiValueMap<>();
        sent.add("pick:/cases/0/when:all", "false");
        sent.add("pick:/cases/0/when:0:name", "hem");
        sent.add("pick:/cases/0/when:0:operator", "<>");
        sent.add("pick:/cases/0/when:0:value", "rop\"ed");
        sent.add("pick:/cases/0/when:1:name", "length");
        sent.add("pick:/cases/0/when:1:operator", ">");
        sent.add("pick:/cases/0/when:1:value", "");
        sent.add("pick:/cases/0/when:1:unit", "");
        Picks picks = Picks.read(sent, Set.of("hem")).get("/cases/0/when");
        assertThat(Picks.write(picks)).isEqualTo("OR(hem <> \"roped\"; length > 0)");
    }
}
