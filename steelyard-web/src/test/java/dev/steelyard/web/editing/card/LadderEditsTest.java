package dev.steelyard.web.editing.card;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.ladder.LadderGenerator;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.format.Documents;
import dev.steelyard.format.Json;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.Thresholds;
import dev.steelyard.web.editing.table.LadderRows;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

class LadderEditsTest {

    private static final String ROWS = "/ladder/rows";
    private static final List<String> GROUPS = List.of("Boatyard", "Crew club");

    private final DraftDocument card = DraftDocument.of(
            (ObjectNode)
                    Json.read(
                            """
            {"name": "Shackles", "ladder": {"mode": "all-units", "value": "price", "counts": "pieces", "over": "line",
              "rows": [{"from": "10", "value": "6.90"}, {"from": "25", "value": "6.20"},
                {"from": "10", "value": "6.35", "group": "Boatyard"}]}}"""));
    private final LadderEdits edits = new LadderEdits(card);
    private final LadderRows rows = new LadderRows(card);

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "''  | ''   | 10 6.90, 10 6.35 Boatyard, 25 6.20, 50 6.20",
                "15  | 6.50 | 10 6.90, 10 6.35 Boatyard, 15 6.50, 25 6.20",
                "5   | ''   | 5 6.20, 10 6.90, 10 6.35 Boatyard, 25 6.20",
            })
    void aHungBreakFindsItsPlace(String from, String value, String rows) {
        this.rows.hang(ROWS, from, value);
        assertThat(rows()).isEqualTo(rows);
    }

    @Test
    void whatCannotBeReadStaysBehindWhenSorted() {
        card.put(ROWS + "/0/from", "ten");
        Thresholds.sort(card, ROWS);
        assertThat(rows()).isEqualTo("10 6.35 Boatyard, 25 6.20, ten 6.90");
    }

    @Test
    void aRowIsTakenOffWithItsGroups() {
        rows.takeOff(ROWS + "/0", "2");
        assertThat(rows()).isEqualTo("25 6.20");
        rows.takeOff(ROWS + "/7", "x,9");
        assertThat(rows()).isEqualTo("25 6.20");
    }

    @Test
    void pastedCellsGoIntoRowsAndBeyondThem() {
        rows.paste(
                ROWS,
                0,
                0,
                "From\tEveryone\tBoatyard\tCrew club\n12\t6.80\t6.30\t6.50\n30\tsix\n60\t5.50\t5.00",
                GROUPS);
        assertThat(rows()).isEqualTo("12 6.80, 30 six, 12 6.30 Boatyard, 12 6.50 Crew club, 60 5.50, 60 5.00 Boatyard");
        assertThat(Documents.readDraft(card.root(), ShopRules.of(Currency.getInstance("EUR")))
                        .issues())
                .singleElement()
                .satisfies(issue -> assertThat(issue.at()).isEqualTo(ROWS + "/1/value"));
    }

    @Test
    void aColumnWithDecimalCommasIsOneColumnAndReadAsAWhole() {
        rows.paste(ROWS, 0, 1, "5,80\n1.234", GROUPS);
        assertThat(rows()).isEqualTo("10 5.80, 25 1234, 10 6.35 Boatyard");
        rows.paste(ROWS, 0, 0, "10,6.90\n25,6.20", GROUPS);
        assertThat(rows()).isEqualTo("10 6.90, 25 6.20, 10 6.35 Boatyard");
    }

    @Test
    void cellsPastedIntoAGroupsColumnLeaveTheRest() {
        rows.paste(ROWS, 0, 2, "6.10\n5.90", GROUPS);
        assertThat(rows()).isEqualTo("10 6.90, 25 6.20, 10 6.10 Boatyard, 25 5.90 Boatyard");
        rows.paste(ROWS, 0, 9, "1\t2", GROUPS);
        assertThat(rows()).isEqualTo("10 6.90, 25 6.20, 10 6.10 Boatyard, 25 5.90 Boatyard");
    }

    @Test
    void whatTheGeneratorWritesTakesTheRowsForEveryoneAndLeavesThoseOfGroups() {
        edits.take(new LadderGenerator(
                new BigDecimal("7.00"),
                5,
                5,
                new LadderGenerator.Change.Amount(new BigDecimal("0.50")),
                new LadderGenerator.Stop.AfterBreaks(2),
                null));
        assertThat(rows()).isEqualTo("5 7.00, 10 6.50, 10 6.35 Boatyard");
    }

    @Test
    void thresholdsStayWhenTheKindChangesAndLotsHaveTheWholePrice() {
        edits.kind("percent-off");
        assertThat(rows()).isEqualTo("10 5, 25 10, 10 5 Boatyard");
        edits.kind("lot-total");
        assertThat(card.text("/ladder/mode")).isEqualTo("lot");
        assertThat(card.on("/cases/0/piece/none")).isTrue();
        card.put("/ladder/upTo", "50");
        edits.kind("price");
        assertThat(card.text("/ladder/mode")).isEqualTo("all-units");
        assertThat(card.has("/ladder/upTo")).isFalse();
        assertThat(card.has("/cases")).isFalse();
        assertThat(Documents.readDraft(card.root(), ShopRules.of(Currency.getInstance("EUR")))
                        .issues())
                .isEmpty();
    }

    private String rows() {
        List<String> rows = new ArrayList<>();
        for (JsonNode row : card.at(ROWS)) {
            rows.add((row.path("from").asString("") + " " + row.path("value").asString("") + " "
                            + row.path("group").asString(""))
                    .strip());
        }
        return String.join(", ", rows);
    }
}
