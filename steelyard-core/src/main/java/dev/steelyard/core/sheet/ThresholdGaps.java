package dev.steelyard.core.sheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * Where the ends that a sheet writes beside its thresholds do not meet the next threshold. Only for rows without a key:
 * in others “to” was worked out by us, and stays behind when a threshold is changed.
 */
final class ThresholdGaps {

    private ThresholdGaps() {}

    /** By the number of the row that ends too early or too late. */
    static Map<Integer, Note> of(List<SheetRow> rows) {
        Map<List<Object>, List<SheetRow>> ladders = new HashMap<>();
        for (SheetRow row : rows) {
            if (row.from() != null && row.key() == null && row.wish() == SheetRow.Wish.SET) {
                ladders.computeIfAbsent(
                                List.of(Objects.requireNonNullElse(row.group(), ""), row.validity()),
                                any -> new ArrayList<>())
                        .add(row);
            }
        }
        Map<Integer, Note> notes = new HashMap<>();
        for (List<SheetRow> ladder : ladders.values()) {
            ladder.sort(Comparator.comparing(SheetRow::from));
            for (int i = 1; i < ladder.size(); i++) {
                SheetRow before = ladder.get(i - 1);
                int next = Objects.requireNonNull(ladder.get(i).from());
                if (before.to() != null && before.to() != next - 1) {
                    notes.put(before.number(), note(before.to(), next));
                }
            }
        }
        return notes;
    }

    private static Note note(int to, int next) {
        if (to >= next) {
            return new Note(
                    Note.Code.OVERLAP,
                    "it goes on to " + to + ", but from " + next + " another row begins; from " + next
                            + " on that one counts");
        }
        String missing = to + 1 == next - 1 ? "" + (to + 1) : (to + 1) + " to " + (next - 1);
        return new Note(
                Note.Code.GAP,
                "it ends at " + to + " and the next begins at " + next + "; " + missing
                        + " pieces are in neither, and cost what this row says");
    }
}
