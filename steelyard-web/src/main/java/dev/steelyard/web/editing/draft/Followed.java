package dev.steelyard.web.editing.draft;

import java.time.Instant;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/**
 * Drafts of which what counts stands elsewhere: they begin from it, and follow it where others change it. What somebody else
 * changed comes into the draft as another editor's changes do; at a place that the draft changed too, the draft stays.
 */
@Repository
class Followed {

    private final DraftRepository drafts;
    private final VersionRepository versions;
    private final ReleaseRepository releases;
    private final Map<DraftKind, CountsElsewhere> kinds = new EnumMap<>(DraftKind.class);

    Followed(
            DraftRepository drafts,
            VersionRepository versions,
            ReleaseRepository releases,
            List<CountsElsewhere> elsewhere) {
        this.drafts = drafts;
        this.versions = versions;
        this.releases = releases;
        elsewhere.forEach(kind -> kinds.put(kind.kind(), kind));
    }

    /** Where what counts of a kind stands; none for one whose releases are what counts. */
    @Nullable
    CountsElsewhere of(DraftKind kind) {
        return kinds.get(kind);
    }

    /** Whether a draft is not there yet, or not as what counts is. */
    @Transactional(readOnly = true)
    public boolean lags(CountsElsewhere kind, long id) {
        CountsElsewhere.Now now = kind.now(id).orElse(null);
        if (now == null) {
            return false;
        }
        String known = drafts.known(id).orElse(null);
        return known == null
                || !DraftDocument.read(known).root().equals(now.document().root())
                || !drafts.removal(id).equals(Optional.ofNullable(now.removedAt()));
    }

    /** Begins a draft, or brings what others changed into it. The draft's row is waited for before anything is read. */
    @Transactional
    public void follow(CountsElsewhere kind, long id) {
        drafts.begin(id, kind.kind().name());
        StoredDraft draft = drafts.lockById(id).orElseThrow();
        kind.now(id).ifPresent(now -> follow(draft, now));
    }

    /** The same for a draft that is held already. */
    void follow(StoredDraft draft, CountsElsewhere.Now now) {
        draft.setRemovedAt(now.removedAt());
        DraftDocument known = draft.known();
        if (known != null && known.root().equals(now.document().root())) {
            return;
        }
        DraftDocument typed = draft.number() == 0 ? now.document() : document(draft.id(), draft.number());
        DraftDocument counting = now.document().weighedAs(typed);
        long live = write(draft, counting, now.changedBy(), now.changedAt());
        release(draft, live, now);
        if (known == null || known.root().equals(typed.root())) {
            draft.draftIs(live, counting.name(), now.changedAt(), now.changedBy());
        } else {
            DraftDocument merged = Merge.of(known.weighedAs(typed), counting, typed, place -> Merge.Side.MINE)
                    .document();
            long both = write(draft, merged, now.changedBy(), now.changedAt());
            draft.draftIs(both, merged.name(), now.changedAt(), now.changedBy());
        }
        draft.knows(now.document());
    }

    DraftDocument document(long draft, long number) {
        return DraftDocument.read(
                versions.findByDraftIdAndNumber(draft, number).orElseThrow().document());
    }

    /** Undo does not go back beyond what others changed: it would take that back unseen. */
    long write(StoredDraft draft, DraftDocument document, String by, Instant at) {
        long number = versions.lastNumber(draft.id()) + 1;
        versions.saveAndFlush(new StoredVersion(draft.id(), number, document.write(), null, null, at, by));
        return number;
    }

    private void release(StoredDraft draft, long number, CountsElsewhere.Now now) {
        Instant starts = releases.standing(draft.id()).stream()
                .filter(StoredRelease::applied)
                .map(StoredRelease::starts)
                .filter(last -> last.isAfter(now.changedAt()))
                .reduce((one, other) -> other)
                .orElse(now.changedAt());
        StoredRelease release = new StoredRelease(
                draft.id(), number, releases.version(draft.id(), number), starts, "", now.changedAt(), now.changedBy());
        release.apply(now.changedAt());
        releases.saveAndFlush(release);
    }

    /** The version that a planned one was planned over: what is changed by it is told from that. */
    DraftDocument plannedOver(StoredRelease planned) {
        return releases.standing(planned.draftId()).stream()
                .filter(one -> one.id() < planned.id() && !one.starts().isAfter(planned.starts()))
                .reduce((one, other) -> other)
                .map(one -> document(one.draftId(), one.release().number()))
                .orElseGet(() -> document(planned.draftId(), planned.release().number()));
    }
}
