package dev.steelyard.web.store.keys;

import dev.steelyard.web.base.page.Show;
import java.time.Instant;
import java.time.ZonedDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A key as pages show it.
 *
 * @param may what it may, in words
 * @param used when it was last used, in words
 * @param until how long it is good, in words
 * @param over whether it is good for nothing now
 * @param ended why it can never be good again; none where it can
 */
record KeyLine(
        long id,
        String name,
        boolean page,
        String begins,
        String may,
        List<String> origins,
        String perSecond,
        String made,
        String used,
        String until,
        boolean over,
        @Nullable String ended) {

    static KeyLine of(StoreKey key, ZonedDateTime now) {
        boolean over = key.isOver(now.toLocalDate());
        return new KeyLine(
                key.id(),
                key.name(),
                key.isPage(),
                key.begins(),
                key.isPage() ? "live prices" : key.rightWords(),
                key.origins(),
                Show.whole(key.perSecond()),
                moment(key.madeAt(), now) + " by " + key.madeBy(),
                key.usedAt() == null ? "never" : moment(key.usedAt(), now),
                key.until() == null ? "no end" : (over ? "ended " : "") + Show.day(key.until()),
                over || key.isTakenBack(),
                key.takenBackAt() == null
                        ? null
                        : "taken back by " + key.takenBackBy() + ", " + moment(key.takenBackAt(), now));
    }

    private static String moment(Instant at, ZonedDateTime now) {
        return Show.moment(at, now.getZone());
    }
}
