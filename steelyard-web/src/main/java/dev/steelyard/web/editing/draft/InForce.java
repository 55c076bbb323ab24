package dev.steelyard.web.editing.draft;

import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Which versions count. One that is followed by another counts until that one begins, so that a book made of them stays
 * right while time goes on.
 */
@Component
public class InForce {

    private final DraftRepository drafts;
    private final VersionRepository versions;
    private final Releases releases;

    InForce(DraftRepository drafts, VersionRepository versions, Releases releases) {
        this.drafts = drafts;
        this.versions = versions;
        this.releases = releases;
    }

    /** All of a kind, in their order; of one of them the version that counts first comes first. */
    @Transactional(readOnly = true)
    public List<Counting> of(DraftKind kind, ZoneId zone) {
        return counting(kind, zone, releases.all(kind));
    }

    /** The same with what counted at any time since a moment. */
    @Transactional(readOnly = true)
    public List<Counting> since(DraftKind kind, ZoneId zone, Instant moment) {
        return counting(kind, zone, releases.all(kind, moment));
    }

    private List<Counting> counting(DraftKind kind, ZoneId zone, Map<Long, Standing> standings) {
        Map<List<Long>, StoredVersion> documents = new HashMap<>();
        versions.released(kind)
                .forEach(version -> documents.put(List.of(version.draftId(), version.number()), version));
        List<Counting> counting = new ArrayList<>();
        for (StoredDraft draft : drafts.inOrder(kind)) {
            Standing standing = standings.get(draft.id());
            if (standing != null) {
                add(draft.id(), standing, documents, zone, counting);
            }
        }
        return counting;
    }

    private static void add(
            long id, Standing standing, Map<List<Long>, StoredVersion> documents, ZoneId zone, List<Counting> to) {
        List<Release> inTurn = new ArrayList<>();
        if (standing.live() != null) {
            inTurn.add(standing.live());
        }
        inTurn.addAll(standing.coming());
        for (int i = 0; i < inTurn.size(); i++) {
            Release release = inTurn.get(i);
            StoredVersion version = documents.get(List.of(id, release.number()));
            if (version == null) {
                throw new IllegalStateException("draft " + id + " has no version " + release.number());
            }
            to.add(new Counting(
                    id,
                    release.number(),
                    release.version(),
                    version.renamed(),
                    version.document(),
                    release == standing.live() ? null : at(release.starts(), zone),
                    i + 1 < inTurn.size() ? at(inTurn.get(i + 1).starts(), zone) : null,
                    standing.paused()));
        }
    }

    private static @Nullable ZonedDateTime at(Instant instant, ZoneId zone) {
        return ZonedDateTime.ofInstant(instant, zone);
    }
}
