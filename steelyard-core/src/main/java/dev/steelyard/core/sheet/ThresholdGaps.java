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

    /**
     * By the number of the row that ends too early or too late.
     *
     * @param outcomes rows that are refused change nothing, so they end nothing either
     * @param charged the prices there will be
     */
    static Map<Integer, Note> of(List<Outcome> outcomes, ChargedPrices charged) {
        Map<List<Object>, List<SheetRow>> ladders = new HashMap<>();
        for (Outcome outcome : outcomes) {
            SheetRow row = outcome.row();
            boolean counts = outcome.kind() != Outcome.Kind.REFUSED;
            if (counts && row.from() != null && row.key() == null && row.wish() == SheetRow.Wish.SET) {
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
                    notes.put(before.number(), note(before, before.to(), next, charged));
                }
            }
        }
        return notes;
    }

    private static Note note(SheetRow row, int to, int next, ChargedPrices charged) {
        if (to >= next) {
            return new Note(
                    Note.Code.OVERLAP,
                    "it goes on to " + to + ", but from " + next + " another row begins; from " + next
                            + " on that one counts");
        }
        return new Note(
                Note.Code.GAP,
                "it ends at " + to + " and the next begins at " + next + "; what is in neither: "
                        + charged.words(row, to + 1, next - 1));
    }
}
