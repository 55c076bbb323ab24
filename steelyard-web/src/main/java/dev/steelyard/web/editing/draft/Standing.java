package dev.steelyard.web.editing.draft;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Which of a card's versions shoppers see, now and later.
 *
 * @param live what counts now; none where nothing ever did
 * @param coming what counts later, the next first; each counts until the one after it
 * @param latest the release made last, whenever it counts: by it a page knows whether somebody else was quicker
 * @param pausedAt since when it prices nothing; none while it does
 */
public record Standing(
        @Nullable Release live,
        List<Release> coming,
        long latest,
        @Nullable Instant pausedAt,
        @Nullable String pausedBy) {

    /** @param releases in the order in which they begin, those that begin together in the order in which they were made */
    static Standing of(List<Release> releases, Instant now, @Nullable Instant pausedAt, @Nullable String pausedBy) {
        Release live = null;
        List<Release> coming = new ArrayList<>();
        long latest = 0;
        for (Release release : releases) {
            latest = Math.max(latest, release.id());
            if (!release.starts().isAfter(now)) {
                live = release;
            } else {
                if (!coming.isEmpty() && last(coming).starts().equals(release.starts())) {
                    coming.remove(coming.size() - 1);
                }
                coming.add(release);
            }
        }
        return new Standing(live, List.copyOf(coming), latest, pausedAt, pausedBy);
    }

    private static Release last(List<Release> releases) {
        return releases.get(releases.size() - 1);
    }

    public boolean paused() {
        return pausedAt != null;
    }

    /** The version shoppers see; 0 for none. */
    public long liveNumber() {
        return live == null ? 0 : live.number();
    }

    /** Whether a version counts, now or later. */
    public boolean counts(long number) {
        return liveNumber() == number || coming.stream().anyMatch(one -> one.number() == number);
    }

    /** The version that will be live once all that is planned has begun; 0 for none. */
    public long lastPlanned() {
        return coming.isEmpty() ? liveNumber() : last(coming).number();
    }
}
