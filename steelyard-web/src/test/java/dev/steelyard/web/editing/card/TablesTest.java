package dev.steelyard.web.editing.card;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.format.Json;
import dev.steelyard.web.base.page.PastedTable;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.page.EditForm;
import dev.steelyard.web.editing.trial.TrialText;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.util.LinkedMultiValueMap;
import org.springframework.util.MultiValueMap;
import tools.jackson.databind.node.ObjectNode;

/** Grids, packs, pasted cells and the generator, as the page shows them. */
class TablesTest {

    private static final String GRID =
            """
            {"asks": [{"measurement": "width", "unit": "mm"}, {"measurement": "height", "unit": "mm"}],
             "cases": [{"piece": {"grid": {"columnsBy": "width", "rowsBy": "height", "unit": "mm",
               "columns": ["300", "450"], "rows": ["250", "x"], "prices": [["38.00", "30.00"], ["52.00", null]]}}}]}""";

    @Test
    void theTrialsCellIsTheNextSizeUpAndCellsOutOfOrderAreMarked() {
        GridView grid = grid(Map.of("a.width", "301", "a.height", "250"));
        assertThat(grid.columns()).extracting(GridView.Edge::inUse).containsExactly(false, true);
        assertThat(grid.rows().get(0).cells().get(1).inUse()).isTrue();
        assertThat(grid.rows().get(0).cells().get(0).outOfOrder()).isTrue();
        assertThat(grid.rows().get(0).cells().get(1).outOfOrder()).isFalse();
        assertThat(grid.rows().get(1).cells()).extracting(GridView.Cell::shade).containsExactly(8, -1);
        assertThat(grid.rows().get(0).cells().get(1).shade()).isZero();
    }

    @Test
    void aTrialInAnotherUnitFindsItsCellAndOneBeyondTheGridNone() {
        assertThat(grid(Map.of("a.width", "30", "u.width", "cm", "a.height", "100"))
                        .rows()
                        .get(0)
                        .cells()
                        .get(0)
                        .inUse())
                .isTrue();
        GridView beyond = grid(Map.of("a.width", "451", "a.height", "abc"));
        assertThat(beyond.columns()).noneMatch(GridView.Edge::inUse);
        assertThat(beyond.rows()).noneMatch(row -> row.edge().inUse());
    }

    private static GridView grid(Map<String, String> trial) {
        return GridView.of("/cases/0/piece/grid", fields(GRID), new TrialText(trial));
    }

    @Test
    void aPackSaysWhatItComesToAndWhatItSaves() {
        CardFields fields = fields(
                """
                {"p": {"packs": [{"name": "5 kg", "amount": "5", "unit": "kg", "price": "21.00"},
                  {"name": "500 g", "amount": "500", "unit": "g", "price": "2.50"}, {"name": "?", "amount": "x", "unit": "kg", "price": "1"}],
                  "own": {"by": "weight", "unit": "kg", "price": "4.35"}}}""");
        List<PackView> packs = PackView.of("/p", fields);
        assertThat(packs).extracting(PackView::perUnit).containsExactly("4.20 per kg", "0.01 per g", "");
        assertThat(packs).extracting(PackView::saves).containsExactly("3.4 % less than the own amount", "", "");
    }

    @Test
    void packsAloneAreHeldAgainstTheFirst() {
        CardFields fields = fields(
                """
                {"p": {"packs": [{"name": "one", "amount": "1", "unit": "L", "price": "10"},
                  {"name": "five", "amount": "5", "unit": "L", "price": "40"}]}}""");
        assertThat(PackView.of("/p", fields)).extracting(PackView::saves).containsExactly("", "20 % less than one");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "'a\tb' | [[a, b]]",
                "'1,5;2\n;;\n 3 ;\"x;y\"' | [[1,5, 2], [3, x;y]]",
                "'1,2' | [[1,2]]",
                "'1,2.50' | [[1, 2.50]]",
                "'\"torn' | [[torn]]",
                "'' | []",
            })
    void pastedTextIsCutIntoCells(String text, String cells) {
        assertThat(PastedTable.cells(text)).hasToString(cells);
    }

    @Test
    void aFirstLineOfWordsIsAHead() {
        assertThat(PastedTable.isHead(List.of("From", "Everyone"))).isTrue();
        assertThat(PastedTable.isHead(List.of("10", "Everyone"))).isFalse();
        assertThat(PastedTable.isHead(List.of("", ""))).isFalse();
    }

    @Test
    void theGeneratorShowsWhatItWouldWriteAndSaysWhatItCannotRead() {
        assertThat(generator("g.start", "7.40", "g.first", "10", "g.width", "10", "g.change", "0.50", "g.by", "amount")
                        .words())
                .isEqualTo("from 10 at 7.40, from 20 at 6.90, from 30 at 6.40, from 40 at 5.90, from 50 at 5.40");
        assertThat(generator("g.start", "10", "g.stop", "20").words()).endsWith("and 12 more");
        assertThat(generator().faults())
                .as("nothing typed yet is no fault, and no price")
                .isEmpty();
        assertThat(generator().ready()).isNull();
        Generator wrong = generator("g.start", "7,400", "g.width", "0", "g.ending", "x");
        assertThat(wrong.ready()).isNull();
        assertThat(wrong.fault("start")).contains("7,400 can be 7.400 or 7400");
        assertThat(wrong.fault("ending")).contains("is not a number");
        assertThat(generator("g.start", "10", "g.width", "0").fault("start"))
                .isEqualTo("The width of a break is 1 or more, not 0");
        assertThat(generator("g.start", "10", "g.first", "1.5").fault("first")).contains("no whole number");
    }

    private static Generator generator(String... namesAndValues) {
        MultiValueMap<String, String> sent = new LinkedMultiValueMap<>();
        for (int i = 0; i < namesAndValues.length; i += 2) {
            sent.add(namesAndValues[i], namesAndValues[i + 1]);
        }
        return Generator.read(EditForm.read(sent));
    }

    private static CardFields fields(String json) {
        return new CardFields(DraftDocument.of((ObjectNode) Json.read(json)), List.of(), Map.of(), Set.of(), "EUR");
    }
}
