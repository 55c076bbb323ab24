package dev.steelyard.web.editing.live;

import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Ladder;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.format.Documents;
import dev.steelyard.format.FormatIssue;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.trial.Subject;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/**
 * A version, read.
 *
 * @param card what prices orders
 * @param prepared the same ready to price; none where something in it cannot be read
 * @param subject what it is tried on
 * @param thresholds quantities from which its prices change
 */
public record Side(
        DraftDocument document,
        RateCard card,
        List<FormatIssue> issues,
        @Nullable PreparedCard prepared,
        Subject subject,
        Set<Long> thresholds) {

    /** A version of a card. */
    static Side of(DraftDocument document, Subject subject) {
        Documents.DraftReading reading =
                Documents.readDraft(document.root(), subject.shop().rules());
        return new Side(
                document, reading.card(), reading.issues(), reading.prepared(), subject, thresholds(reading.card()));
    }

    private static Set<Long> thresholds(RateCard card) {
        Ladder ladder = card.ladder();
        Set<Long> thresholds = new TreeSet<>();
        if (ladder != null && ladder.counts() == Ladder.Counts.PIECES) {
            ladder.rows().stream()
                    .map(Break::from)
                    .filter(Quantity::allowed)
                    .forEach(from -> thresholds.add(from.longValueExact()));
        }
        return thresholds;
    }
}
