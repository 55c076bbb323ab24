package dev.steelyard.format;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.format.Documents.DraftReading;
import org.junit.jupiter.api.Test;

/** Cards that are still being written. */
class DraftTest {

    @Test
    void allThatIsWrongIsToldAtOnceAndEachThingOnce() {
        DraftReading draft = read(
                """
                {"name": "Covers",
                 "asks": [{"measurement": "length", "kind": "length", "unit": "cm", "min": "1o", "max": 1200}],
                 "cases": [{"piece": {"rate": {"amount": "length * widht", "unit": "m2", "price": ""}}}],
                 "finish": {"minimum": "-5"}}""");
        assertThat(draft.prepared()).isNull();
        assertThat(draft.issues())
                .extracting(FormatIssue::at)
                .containsExactlyInAnyOrder(
                        "/asks/0/min", "/cases/0/piece/rate/price", "/cases/0/piece/rate/amount", "/finish/minimum");
        assertThat(draft.issues())
                .filteredOn(issue -> issue.at().endsWith("/amount"))
                .singleElement()
                .satisfies(issue -> assertThat(issue.message()).contains("Nothing here is called “widht”"));
    }

    @Test
    void whatIsMissingIsNotAlsoSaidToBeWrong() {
        DraftReading draft = read("{\"name\": \"Covers\", \"cases\": [{\"piece\": {\"formula\": null}}]}");
        assertThat(draft.issues()).hasSize(1);
        assertThat(draft.card().name()).isEqualTo("Covers");
    }

    @Test
    void aWholeCardIsPrepared() {
        assertThat(read("{\"name\": \"Brush\"}").prepared()).isNotNull();
    }

    private static DraftReading read(String text) {
        return Documents.readDraft(Json.read(text), Examples.EURO);
    }
}
