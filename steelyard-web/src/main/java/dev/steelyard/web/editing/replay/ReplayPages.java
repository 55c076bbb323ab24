package dev.steelyard.web.editing.replay;

import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.draft.Release;
import dev.steelyard.web.editing.draft.Releases;
import dev.steelyard.web.sold.replay.ReplayRun;
import dev.steelyard.web.sold.replay.ReplayViews;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Puts together what the page of a replay shows. */
@Component
class ReplayPages {

    private static final int MOST_VERSIONS = 12;

    private final ReplayViews views;
    private final Releases releases;

    ReplayPages(ReplayViews views, Releases releases) {
        this.views = views;
        this.releases = releases;
    }

    /**
     * The page.
     *
     * @param at which of several that were tried is looked at closely
     * @param margins whether whoever looks may see them
     */
    ReplayPage page(DraftKind kind, Draft entry, @Nullable ReplayRun run, int at, boolean margins) {
        Map<Long, ReplayPage.Version> versions = new LinkedHashMap<>();
        for (Release release : releases.list(entry.id())) {
            if (release.number() != entry.number() && versions.size() < MOST_VERSIONS) {
                versions.putIfAbsent(
                        release.number(), new ReplayPage.Version(release.number(), "version " + release.version()));
            }
        }
        return new ReplayPage(
                kind,
                entry.id(),
                entry.name(),
                TriedFigures.of(entry.document()),
                List.copyOf(versions.values()),
                run == null ? null : views.of(run, at, margins, run.number() != entry.number()),
                views.kept(kind.where(), entry.id()));
    }

    /** “version 2”, of one that was live. */
    String called(Draft entry, long number) {
        return releases.list(entry.id()).stream()
                .filter(release -> release.number() == number)
                .findFirst()
                .map(release -> "version " + release.version())
                .orElse("edit " + number);
    }
}
