package dev.steelyard.web.editing.live;

import dev.steelyard.core.card.CardState;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.Release;
import dev.steelyard.web.editing.draft.Standing;
import java.time.ZoneId;
import java.util.List;

/** How versions stand, in words, whatever is kept. */
public final class LiveWords {

    private LiveWords() {}

    /** What a version is called beside another. */
    public static String version(long number, long draft, Standing standing, List<Release> releases) {
        if (number == draft) {
            return number == standing.liveNumber() ? "the draft, which is live" : "the draft";
        }
        if (number == standing.liveNumber()) {
            return "live";
        }
        return releases.stream()
                .filter(release -> release.number() == number)
                .findFirst()
                .map(release -> "version " + release.version())
                .orElse("an earlier draft");
    }

    /** Releases as the page lists them. */
    public static List<LivePage.Line> lines(List<Release> releases, Standing standing, ZoneId zone) {
        return releases.stream().map(release -> line(release, standing, zone)).toList();
    }

    /** What shoppers see now, what is planned, and whether the draft differs. */
    public static String sentence(Draft entry, Standing standing, CardState state, ZoneId zone) {
        StringBuilder words = new StringBuilder();
        Release live = standing.live();
        if (standing.paused()) {
            words.append("Paused by ").append(standing.pausedBy()).append(": shoppers do not see it. ");
        } else if (live == null) {
            words.append(standing.coming().isEmpty() ? "Nothing of it is live yet. " : "Not live yet. ");
        } else {
            words.append(state == CardState.LIVE ? "Shoppers see version " : "Version ")
                    .append(live.version())
                    .append(state == CardState.LIVE ? ", put live by " : " was put live by ")
                    .append(live.madeBy())
                    .append(" on ")
                    .append(Show.moment(live.starts(), zone))
                    .append(". ");
        }
        for (Release coming : standing.coming()) {
            words.append("Version ")
                    .append(coming.version())
                    .append(" begins on ")
                    .append(Show.moment(coming.starts(), zone))
                    .append(". ");
        }
        if (!standing.counts(entry.number()) && standing.lastPlanned() != 0) {
            words.append("A draft waits.");
        }
        return words.toString().strip();
    }

    private static LivePage.Line line(Release release, Standing standing, ZoneId zone) {
        Release live = standing.live();
        boolean coming = standing.coming().stream().anyMatch(one -> one.id() == release.id());
        String state = live != null && live.id() == release.id() ? "live" : coming ? "planned" : "was live";
        return new LivePage.Line(
                release.id(),
                release.number(),
                release.version(),
                state,
                Show.moment(release.starts(), zone),
                release.madeBy(),
                release.why());
    }
}
