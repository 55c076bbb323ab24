package dev.steelyard.web.goods.batch;

import dev.steelyard.core.sheet.Note;
import dev.steelyard.core.sheet.Outcome;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Counts checked rows by what would become of them, and by what is odd about them. */
public final class RowCounts {

    private final Map<Outcome.Kind, Integer> outcomes = new EnumMap<>(Outcome.Kind.class);
    private final Map<Note.Code, Integer> odd = new EnumMap<>(Note.Code.class);
    private int noted;

    /** A row; one that is odd in one way twice counts once. */
    public void add(Outcome.Kind outcome, List<Note> notes) {
        outcomes.merge(outcome, 1, Integer::sum);
        if (notes.isEmpty()) {
            return;
        }
        noted++;
        Set<Note.Code> codes = EnumSet.noneOf(Note.Code.class);
        notes.forEach(note -> codes.add(note.code()));
        codes.forEach(code -> odd.merge(code, 1, Integer::sum));
    }

    /** All that another one has counted. */
    public void add(RowCounts other) {
        other.outcomes.forEach((outcome, count) -> outcomes.merge(outcome, count, Integer::sum));
        other.odd.forEach((code, count) -> odd.merge(code, count, Integer::sum));
        noted += other.noted;
    }

    Batch.Totals totals() {
        return new Batch.Totals(
                count(Outcome.Kind.ADD),
                count(Outcome.Kind.CHANGE),
                count(Outcome.Kind.REMOVE),
                count(Outcome.Kind.SAME),
                count(Outcome.Kind.REFUSED),
                noted);
    }

    private int count(Outcome.Kind kind) {
        return outcomes.getOrDefault(kind, 0);
    }

    /** In the order of the ways. */
    Map<Note.Code, Integer> odd() {
        return odd;
    }
}
