package dev.steelyard.web.editing.draft;

import dev.steelyard.web.editing.draft.KeepResult.ChangedMeanwhile;
import dev.steelyard.web.editing.draft.KeepResult.Kept;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.history.Change;
import dev.steelyard.web.shop.history.Changes;
import dev.steelyard.web.shop.history.What;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Keeps drafts. A draft's every change is a version; undo and redo go along those. */
@Repository
public class Drafts {

    private static final String NO_TRIAL = "{}";

    private static final int LONGEST_NAME = 200;

    private final DraftRepository drafts;
    private final VersionRepository versions;
    private final Followed followed;
    private final Changes changes;
    private final Shops shops;
    private final Clock clock;

    Drafts(
            DraftRepository drafts,
            VersionRepository versions,
            Followed followed,
            Changes changes,
            Shops shops,
            Clock clock) {
        this.drafts = drafts;
        this.versions = versions;
        this.followed = followed;
        this.changes = changes;
        this.shops = shops;
        this.clock = clock;
    }

    /** All of a kind in their order. */
    @Transactional(readOnly = true)
    public List<Draft> inOrder(DraftKind kind) {
        Map<Long, StoredVersion> newest =
                versions.drafts(kind).stream().collect(Collectors.toMap(StoredVersion::draftId, Function.identity()));
        return drafts.inOrder(kind).stream()
                .map(draft -> entry(draft, Objects.requireNonNull(newest.get(draft.id()))))
                .toList();
    }

    /** A draft that is not what counts. */
    public record Waiting(long id, String name, Instant changedAt) {}

    /** Those of a kind that are not what counts, now or as planned; the one changed last first. */
    @Transactional(readOnly = true)
    public List<Waiting> waiting(DraftKind kind, int most) {
        return drafts.waiting(kind, clock.instant(), Limit.of(most)).stream()
                .map(draft -> new Waiting(draft.id(), draft.name(), draft.changedAt()))
                .toList();
    }

    /** The numbers of all of a kind in their order. */
    @Transactional(readOnly = true)
    public List<Long> ids(DraftKind kind) {
        return drafts.inOrder(kind).stream().map(StoredDraft::id).toList();
    }

    @Transactional(readOnly = true)
    public Optional<Draft> find(DraftKind kind, long id) {
        return drafts.findById(id).filter(draft -> draft.kind() == kind).map(this::entry);
    }

    /**
     * The one with a number, following what counts where that stands elsewhere.
     *
     * @throws dev.steelyard.web.base.page.NotThere where there is none of the kind
     */
    public Draft get(DraftKind kind, long id) {
        CountsElsewhere elsewhere = followed.of(kind);
        if (elsewhere != null && followed.lags(elsewhere, id)) {
            followed.follow(elsewhere, id); // a transaction of its own, which begins with the draft's row
        }
        return find(kind, id).orElseThrow(() -> kind.missing(id));
    }

    /** What shoppers have of it; of one that is not live, the draft. */
    @Transactional(readOnly = true)
    public DraftDocument seen(Draft draft, long live) {
        return live == 0 || live == draft.number()
                ? draft.document()
                : version(draft.id(), live).orElseGet(draft::document);
    }

    /** The document of a version; none where there is no such version. */
    @Transactional(readOnly = true)
    public Optional<DraftDocument> version(long id, long number) {
        return versions.findByDraftIdAndNumber(id, number).map(version -> DraftDocument.read(version.document()));
    }

    /** A new one, last in the order, with nothing tried yet. */
    @Transactional
    public Draft create(DraftKind kind, DraftDocument document, String by) {
        return create(kind, document, NO_TRIAL, by);
    }

    /** A new one, last in the order. */
    @Transactional
    public Draft create(DraftKind kind, DraftDocument document, String trial, String by) {
        StoredDraft draft =
                drafts.save(new StoredDraft(kind, shortened(document.name()), drafts.lastPosition(kind) + 1, trial));
        return write(draft, document, null, null, by);
    }

    /**
     * Puts all of a kind into another order.
     *
     * @param seen the order the editor saw, by their ids
     * @param wanted the same ids in another order
     * @return whether it was done; not where the order is another by now
     */
    @Transactional
    public boolean reorder(DraftKind kind, List<Long> seen, List<Long> wanted, String by) {
        shops.hold();
        List<StoredDraft> now = drafts.lockInOrder(kind);
        List<Long> ids = now.stream().map(StoredDraft::id).toList();
        if (!ids.equals(seen)
                || wanted.size() != ids.size()
                || !Set.copyOf(wanted).equals(Set.copyOf(ids))) {
            return false;
        }
        if (!wanted.equals(ids)) {
            now.forEach(draft -> draft.setPosition(wanted.indexOf(draft.id()) + 1));
            changes.keep(DraftMove.of(kind, now, ids, wanted), by);
            shops.raiseRevision();
        }
        return true;
    }

    /**
     * Keeps a change as the newest version; one that changes nothing is none. Where somebody else has changed the draft
     * meanwhile, both changes are kept as far as they do not touch.
     *
     * @param basedOn the version the editor saw
     * @param trial the trial as typed, kept beside the draft
     * @param picked whose change is taken at places that both changed
     * @return none where there is no such draft
     */
    @Transactional
    public Optional<KeepResult> keep(
            long id, long basedOn, DraftDocument document, String trial, Merge.Picked picked, String by) {
        return drafts.lockById(id).map(draft -> {
            Draft now = entry(draft);
            if (draft.number() == basedOn) {
                draft.setTrial(trial);
                return kept(draft, entry(draft), document, by, null);
            }
            DraftDocument base = versions.findByDraftIdAndNumber(id, basedOn)
                    .map(version -> DraftDocument.read(version.document()))
                    .orElse(now.document());
            Merge.Result merged = Merge.of(base, now.document(), document, picked);
            return merged.conflicts().isEmpty()
                    ? kept(draft, now, merged.document(), by, now)
                    : new ChangedMeanwhile(now, merged.conflicts());
        });
    }

    /** The same where nobody has picked anything. */
    @Transactional
    public Optional<KeepResult> keep(long id, long basedOn, DraftDocument document, String trial, String by) {
        return keep(id, basedOn, document, trial, Merge.Picked.NOTHING, by);
    }

    private KeepResult kept(StoredDraft draft, Draft now, DraftDocument document, String by, @Nullable Draft over) {
        return new Kept(now.document().equals(document) ? now : write(draft, document, draft.number(), null, by), over);
    }

    /** Goes back to the version before the last change. */
    @Transactional
    public Optional<KeepResult> undo(long id, long basedOn, String by) {
        return step(id, basedOn, (draft, now) -> {
            if (now.before() == null) {
                return entry(draft);
            }
            StoredVersion before = version(draft, now.before());
            return write(draft, DraftDocument.read(before.document()), before.before(), now.number(), by);
        });
    }

    /** Goes on to what was undone. */
    @Transactional
    public Optional<KeepResult> redo(long id, long basedOn, String by) {
        return step(id, basedOn, (draft, now) -> {
            if (now.after() == null) {
                return entry(draft);
            }
            StoredVersion after = version(draft, now.after());
            return write(draft, DraftDocument.read(after.document()), now.number(), after.after(), by);
        });
    }

    /** Takes one away; it can be put back. */
    @Transactional
    public Optional<Draft> remove(DraftKind kind, long id, String by) {
        return there(kind, id, clock.instant(), What.REMOVED, by);
    }

    /** Puts one back as it was. */
    @Transactional
    public Optional<Draft> putBack(DraftKind kind, long id, String by) {
        return there(kind, id, null, What.PUT_BACK, by);
    }

    private Optional<Draft> there(DraftKind kind, long id, @Nullable Instant removedAt, What what, String by) {
        shops.hold();
        return drafts.lockById(id).filter(draft -> draft.kind() == kind).map(draft -> {
            if ((draft.removedAt() == null) != (removedAt == null)) {
                draft.setRemovedAt(removedAt);
                changes.keep(
                        Change.ofVersion(
                                draft.kind().subject(), id, draft.name(), what, "", draft.number(), draft.number(), 0),
                        by);
                shops.raiseRevision();
            }
            return entry(draft);
        });
    }

    private interface Step {
        Draft from(StoredDraft draft, StoredVersion now);
    }

    private Optional<KeepResult> step(long id, long basedOn, Step step) {
        return drafts.lockById(id)
                .map(draft -> draft.number() != basedOn
                        ? new ChangedMeanwhile(entry(draft), List.of())
                        : new Kept(step.from(draft, version(draft, basedOn)), null));
    }

    private Draft write(
            StoredDraft draft, DraftDocument document, @Nullable Long before, @Nullable Long after, String by) {
        StoredVersion version = versions.saveAndFlush(new StoredVersion(
                draft.id(), versions.lastNumber(draft.id()) + 1, document.write(), before, after, clock.instant(), by));
        changes.keep(
                Change.ofVersion(
                        draft.kind().subject(),
                        draft.id(),
                        document.name(),
                        draft.number() == 0 ? What.MADE : What.DRAFT,
                        "",
                        draft.number(),
                        version.number(),
                        0),
                by);
        draft.draftIs(version.number(), shortened(document.name()), clock.instant(), by);
        return entry(draft, version);
    }

    private static String shortened(String name) {
        return name.length() <= LONGEST_NAME ? name : name.substring(0, LONGEST_NAME);
    }

    private StoredVersion version(StoredDraft draft, long number) {
        return versions.findByDraftIdAndNumber(draft.id(), number).orElseThrow();
    }

    private Draft entry(StoredDraft draft) {
        return entry(draft, version(draft, draft.number()));
    }

    private static Draft entry(StoredDraft draft, StoredVersion version) {
        return new Draft(
                draft.id(),
                draft.name(),
                draft.position(),
                draft.number(),
                DraftDocument.read(version.document()),
                draft.trial(),
                version.before() != null,
                version.after() != null,
                draft.changedAt(),
                draft.changedBy(),
                draft.removedAt());
    }
}
