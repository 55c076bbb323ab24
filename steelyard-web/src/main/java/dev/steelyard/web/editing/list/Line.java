package dev.steelyard.web.editing.list;

import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.draft.Standing;
import dev.steelyard.web.editing.live.Standings;
import java.time.ZoneId;
import java.util.List;
import java.util.stream.Collectors;

/**
 * A draft in the list of its kind.
 *
 * @param sentence what it does
 * @param wrong how many things in it cannot be read
 * @param warnings what warns or stops, a sentence each
 * @param failing check weights of the draft that come to something else, a sentence each
 * @param failingLive the same of the version shoppers see: the goods have changed
 * @param planned “version 3 begins on 1 March 2027, 00:00”; empty for nothing
 * @param changed “3 November 2026, 09:12 by Maren”
 * @param more what the list of the kind has beside
 */
public record Line(
        long id,
        DraftKind kind,
        String name,
        Standings.View standing,
        String sentence,
        int wrong,
        List<String> warnings,
        List<String> failing,
        List<String> failingLive,
        String planned,
        String changed,
        Object more) {

    /** A draft with what its kind says of it. */
    public static Line of(
            Draft draft,
            DraftKind kind,
            Standing standing,
            Standings.View view,
            String sentence,
            int wrong,
            List<String> warnings,
            List<String> failing,
            List<String> failingLive,
            ZoneId zone,
            Object more) {
        return new Line(
                draft.id(),
                kind,
                draft.name(),
                view,
                sentence,
                wrong,
                warnings,
                failing,
                failingLive,
                standing.coming().stream()
                        .map(release ->
                                "version " + release.version() + " begins on " + Show.moment(release.starts(), zone))
                        .collect(Collectors.joining("; ")),
                Show.moment(draft.changedAt(), zone) + " by " + draft.changedBy(),
                more);
    }

    /** Whether nothing of it is live or planned. */
    public boolean isNew() {
        return standing.state().equals("draft");
    }
}
