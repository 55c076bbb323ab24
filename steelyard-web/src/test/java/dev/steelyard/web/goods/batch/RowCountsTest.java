package dev.steelyard.web.goods.batch;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.sheet.Note;
import dev.steelyard.core.sheet.Outcome;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class RowCountsTest {

    @Test
    void rowsAreCountedByWhatBecomesOfThemAndOnceForEachWayTheyAreOdd() {
        RowCounts counts = new RowCounts();
        Note cliff = new Note(Note.Code.CLIFF, "9 pieces cost more than 10");
        Note tenfold = new Note(Note.Code.TENFOLD, "6.90 → 69.00");

        counts.add(Outcome.Kind.ADD, List.of());
        counts.add(Outcome.Kind.CHANGE, List.of(cliff, cliff, tenfold));
        counts.add(Outcome.Kind.CHANGE, List.of(cliff));
        counts.add(Outcome.Kind.REMOVE, List.of());
        counts.add(Outcome.Kind.SAME, List.of());
        counts.add(Outcome.Kind.REFUSED, List.of());
        counts.add(Outcome.Kind.REFUSED, List.of());

        assertThat(counts.totals()).isEqualTo(new Batch.Totals(1, 2, 1, 1, 2, 2));
        assertThat(counts.odd()).containsExactly(entry(Note.Code.CLIFF, 2), entry(Note.Code.TENFOLD, 1));
    }

    @Test
    void ofNoRowsThereIsNothing() {
        assertThat(new RowCounts().totals()).isEqualTo(new Batch.Totals(0, 0, 0, 0, 0, 0));
        assertThat(new RowCounts().odd()).isEmpty();
    }

    private static Map.Entry<Note.Code, Integer> entry(Note.Code code, int rows) {
        return Map.entry(code, rows);
    }
}
