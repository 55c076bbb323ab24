package dev.steelyard.web.editing.card;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.format.Json;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.page.EditForm;
import dev.steelyard.web.editing.table.LadderTable;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.util.LinkedMultiValueMap;
import org.springframework.util.MultiValueMap;
import tools.jackson.databind.node.ObjectNode;

class CardFormTest {

    private final DraftDocument card = document(
            """
            {"name": "Shackles", "finish": {"minimum": "5"}, "asks": [{"measurement": "length"}],
             "ladder": {"mode": "all-units", "value": "price", "rows": [
               {"from": "10", "value": "6.90"}, {"from": "25", "value": "6.20"},
               {"from": "10", "value": "6.35", "group": "Boatyard"}]}}""");

    @Test
    void fieldsGoToTheirPlacesAsTheyAreTyped() {
        DraftDocument typed = form(
                        "/finish/minimum", "7,50",
                        "/finish/setUp", "2",
                        "?/ladder/noCliffs", "true",
                        "#/unitPriceDecimals", "4",
                        "[]/covers/days", "mon",
                        "/asks/0/min", "abc")
                .onto(card);
        assertThat(typed.text("/finish/minimum"))
                .as("one number, written plainly")
                .isEqualTo("7.50");
        assertThat(typed.text("/finish/setUp")).isEqualTo("2");
        assertThat(typed.on("/ladder/noCliffs")).isTrue();
        assertThat(typed.at("/unitPriceDecimals").isIntegralNumber()).isTrue();
        assertThat(typed.at("/covers/days").get(0).asString()).isEqualTo("mon");
        assertThat(typed.text("/asks/0/min")).isEqualTo("abc");
        assertThat(card.text("/finish/minimum")).as("the card itself").isEqualTo("5");
    }

    @Test
    void anEmptyFieldTakesAway() {
        assertThat(form("/finish/minimum", " ").onto(card).has("/finish/minimum"))
                .isFalse();
        assertThat(form("[]/covers/days", "").onto(card).has("/covers/days")).isFalse();
    }

    @Test
    void aRowsGroupsFollowItsThreshold() {
        DraftDocument typed =
                form("/ladder/rows/0/from", "12", "&/ladder/rows/0", "2").onto(card);
        assertThat(typed.text("/ladder/rows/2/from")).isEqualTo("12");
        assertThat(typed.text("/ladder/rows/1/from")).isEqualTo("25");
    }

    @Test
    void aPriceForAGroupBecomesARowAndAnEmptiedOneGoes() {
        DraftDocument typed = form("+/ladder/rows/1:Crew club", "6.00").onto(card);
        assertThat(typed.text("/ladder/rows/3/group")).isEqualTo("Crew club");
        assertThat(typed.text("/ladder/rows/3/from")).isEqualTo("25");
        DraftDocument emptied = form("/ladder/rows/2/value", "").onto(card);
        GroupCells.tidy(emptied);
        assertThat(emptied.at("/ladder/rows").size()).isEqualTo(2);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/ladder/rows/99/from", "/ladder/rows/x/from", "/", "//", "/name/deeper/still",
                        "/a/b/c/d/e/f/g/h/i/j/k/l/m/n/o/p/q",
                "+/ladder/rows/99:Boatyard", "&/nothing/0", "/asks/-1/min", "w:7", "w:x", "pick:/x:9999:name"
            })
    void placesThatAreNotThereChangeNothingElse(String name) {
        DraftDocument typed = form(name, "1,2").onto(card);
        assertThat(typed.at("/ladder/rows")).isEqualTo(card.at("/ladder/rows"));
        assertThat(typed.at("/asks").size()).isEqualTo(1);
        assertThat(typed.at("/finish")).isEqualTo(card.at("/finish"));
    }

    @Test
    void cellsOfOneThresholdStandInOneRow() {
        LadderTable table = LadderTable.of("/ladder/rows", card, card, List.of("Boatyard", "Crew club"));
        assertThat(table.rows()).hasSize(2);
        assertThat(table.rows().get(0).following()).isEqualTo("2");
        assertThat(table.rows().get(0).cells())
                .extracting(LadderTable.Cell::field)
                .containsExactly("/ladder/rows/0/value", "/ladder/rows/2/value", "+/ladder/rows/0:Crew club");
        DraftDocument typing = form("/ladder/rows/0/from", "25").onto(card);
        assertThat(LadderTable.of("/ladder/rows", card, typing, List.of()).rows())
                .as("while a threshold is typed that another row has")
                .hasSize(2);
    }

    private static EditForm form(String... namesAndValues) {
        MultiValueMap<String, String> sent = new LinkedMultiValueMap<>();
        for (int i = 0; i < namesAndValues.length; i += 2) {
            sent.add(namesAndValues[i], namesAndValues[i + 1]);
        }
        return EditForm.read(sent);
    }

    private static DraftDocument document(String json) {
        return DraftDocument.of((ObjectNode) Json.read(json));
    }
}
