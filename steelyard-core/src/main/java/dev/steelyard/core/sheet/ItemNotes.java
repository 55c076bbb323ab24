package dev.steelyard.core.sheet;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.finding.Finding;
import dev.steelyard.core.finding.PriceFindings;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.BreakKey;
import dev.steelyard.core.sheet.Outcome.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** Adds to the outcomes of one item what is odd about them and about the prices there would be. */
final class ItemNotes {

    private ItemNotes() {}

    static List<Outcome> add(PricesNow now, List<Outcome> outcomes, ItemCheck.Result result, CheckRules rules) {
        if (outcomes.stream().noneMatch(one -> one.kind().writes())) {
            return List.copyOf(outcomes);
        }
        Item item = now.with(result.shelf(), result.rows());
        ChargedPrices charged = new ChargedPrices(item, rules.today());
        Map<Integer, Note> gaps = ThresholdGaps.of(outcomes, charged);
        List<List<Note>> notes = new ArrayList<>();
        for (Outcome one : outcomes) {
            List<Note> own = new ArrayList<>(one.notes());
            if (one.kind().writes() && one.after() != null) {
                own.addAll(LargeChange.of(
                        one.before() == null ? null : one.before().line().price(),
                        one.after().price(),
                        rules.largeChange(),
                        one.after().isShelf() ? null : item.shelfPrice()));
                Note gap = gaps.get(one.row().number());
                if (gap != null) {
                    own.add(gap);
                }
                Note cut = one.after().isShelf() ? null : charged.cut(one.row(), thresholds(one.row(), result));
                if (cut != null) {
                    own.add(cut);
                }
            }
            notes.add(own);
        }
        for (Finding finding :
                new PriceFindings(rules.shop().roundingFor(item), rules.margins()).of(item, rules.today())) {
            notes.get(placeOf(finding.place(), outcomes)).add(Note.of(code(finding.code()), finding));
        }
        List<Outcome> noted = new ArrayList<>();
        for (int i = 0; i < outcomes.size(); i++) {
            noted.add(outcomes.get(i).noted(List.copyOf(notes.get(i))));
        }
        return noted;
    }

    /** Where the other rows of a row's group and days begin, ascending. */
    private static List<Integer> thresholds(SheetRow row, ItemCheck.Result result) {
        return result.rows().stream()
                .filter(one -> Objects.equals(one.group(), row.group())
                        && one.validity().equals(row.validity()))
                .map(Break::pieces)
                .sorted()
                .toList();
    }

    /** The row of the sheet that a finding is about; else the first that writes anything. */
    private static int placeOf(@Nullable BreakKey place, List<Outcome> outcomes) {
        int first = -1;
        for (int i = 0; i < outcomes.size(); i++) {
            Outcome one = outcomes.get(i);
            PriceLine after = one.after();
            boolean about = after != null
                    && (place == null
                            ? after.isShelf()
                            : !after.isShelf() && after.toBreak().key().equals(place));
            if (about && one.kind() != Kind.REFUSED) {
                return i;
            }
            first = first < 0 && one.kind().writes() ? i : first;
        }
        return Objects.checkIndex(first, outcomes.size());
    }

    private static Note.Code code(Finding.Code code) {
        return switch (code) {
            case CLIFF -> Note.Code.CLIFF;
            case BELOW_COST -> Note.Code.BELOW_COST;
            default -> Note.Code.ODD;
        };
    }
}
