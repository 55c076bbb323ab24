package dev.steelyard.web.editing.draft;

import dev.steelyard.web.editing.draft.ReleaseResult.AlreadySo;
import dev.steelyard.web.editing.draft.ReleaseResult.ChangedMeanwhile;
import dev.steelyard.web.editing.draft.ReleaseResult.Done;
import dev.steelyard.web.shop.Outbox;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.history.Change;
import dev.steelyard.web.shop.history.Changes;
import dev.steelyard.web.shop.history.What;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/**
 * Puts versions of cards and deals live, now or at a time, and takes them from shoppers. Each change raises the revision of prices
 * in its own transaction, so that every node follows.
 */
@Repository
public class Releases {

    /** Under which a planned release stands in the outbox. */
    public static final String BEGINS = "release.begins";

    private static final Set<What> TOLD = EnumSet.of(What.LIVE, What.WENT_BACK, What.RESUMED);

    private final DraftRepository drafts;
    private final VersionRepository versions;
    private final ReleaseRepository releases;
    private final Followed followed;
    private final Changes changes;
    private final Shops shops;
    private final Outbox outbox;
    private final Clock clock;

    Releases(
            DraftRepository drafts,
            VersionRepository versions,
            ReleaseRepository releases,
            Followed followed,
            Changes changes,
            Shops shops,
            Outbox outbox,
            Clock clock) {
        this.outbox = outbox;
        this.drafts = drafts;
        this.versions = versions;
        this.releases = releases;
        this.followed = followed;
        this.changes = changes;
        this.shops = shops;
        this.clock = clock;
    }

    /**
     * A wish to put a version live.
     *
     * @param number of the version
     * @param draft the version that the page showed as the draft
     * @param seen the release the page knew as the latest; 0 for none
     * @param starts when; none for now
     * @param ends when what is live now counts again; none for never by itself
     */
    public record Wish(
            long number, long draft, long seen, @Nullable Instant starts, @Nullable Instant ends, String why) {

        /** One that stays. */
        public Wish(long number, long draft, long seen, @Nullable Instant starts, String why) {
            this(number, draft, seen, starts, null, why);
        }
    }

    /** How a card stands; nothing live for one that is not there. */
    @Transactional(readOnly = true)
    public Standing of(long draftId) {
        return drafts.findById(draftId)
                .map(this::standing)
                .orElseGet(() -> Standing.of(List.of(), clock.instant(), null, null));
    }

    /** How each card stands that is there. */
    @Transactional(readOnly = true)
    public Map<Long, Standing> all(DraftKind kind) {
        return all(kind, clock.instant());
    }

    /** How each stood at a moment, but for whether it is paused now: what has begun since was to come then. */
    @Transactional(readOnly = true)
    public Map<Long, Standing> all(DraftKind kind, Instant now) {
        Map<Long, List<Release>> byDraft = new LinkedHashMap<>();
        releases.standing(kind).forEach(release -> byDraft.computeIfAbsent(release.draftId(), any -> new ArrayList<>())
                .add(release.release()));
        Map<Long, Standing> standings = new LinkedHashMap<>();
        drafts.inOrder(kind)
                .forEach(draft -> standings.put(
                        draft.id(),
                        Standing.of(
                                byDraft.getOrDefault(draft.id(), List.of()), now, draft.pausedAt(), draft.pausedBy())));
        return standings;
    }

    /** All releases of a card that still stand, the latest first. */
    @Transactional(readOnly = true)
    public List<Release> list(long draftId) {
        List<Release> list = new ArrayList<>();
        releases.standing(draftId).forEach(release -> list.add(0, release.release()));
        return list;
    }

    /**
     * Puts a version live, or says from when it will be; a card that was paused prices again. Whether it may be is the
     * caller's to ask first.
     *
     * @return none where there is no such card or version
     */
    @Transactional
    public Optional<ReleaseResult> putLive(long draftId, Wish wish, String by) {
        shops.hold();
        return drafts.lockById(draftId)
                .filter(draft -> draft.removedAt() == null)
                .flatMap(draft -> versions.findByDraftIdAndNumber(draftId, wish.number())
                        .map(version -> isSeenByOneOnly(version, draftId, by)
                                ? new ReleaseResult.SameEyes()
                                : putLive(draft, wish, by)));
    }

    /** Whether nobody but who puts it live has seen it; what was live before was seen then. */
    private boolean isSeenByOneOnly(StoredVersion version, long draftId, String by) {
        return shops.current().habits().twoEyes()
                && version.madeBy().equals(by)
                && list(draftId).stream().noneMatch(release -> release.number() == version.number());
    }

    private ReleaseResult putLive(StoredDraft draft, Wish wish, String by) {
        Standing now = standing(draft);
        if (now.latest() != wish.seen()) {
            return new ChangedMeanwhile(madeLast(draft, now));
        }
        if (draft.number() != wish.draft()) {
            return new ChangedMeanwhile(draft.changedBy());
        }
        if (wish.starts() == null && now.liveNumber() == wish.number() && !now.paused()) {
            return new AlreadySo();
        }
        CountsElsewhere elsewhere = followed.of(draft.kind());
        ReleaseResult result =
                elsewhere == null ? released(draft, now, wish, by) : elsewhere(elsewhere, draft, now, wish, by);
        return result instanceof Done && wish.ends() != null && now.liveNumber() != 0
                ? goesBack(draft, now.liveNumber(), wish, by)
                : result;
    }

    /** What is live now is planned for the end. */
    private ReleaseResult goesBack(StoredDraft draft, long to, Wish wish, String by) {
        String why = "Version " + releases.version(draft.id(), wish.number()) + " ends";
        release(draft, new Wish(to, wish.draft(), wish.seen(), wish.ends(), why), by);
        return done(draft, What.SCHEDULED, why, wish.number(), to, by);
    }

    private ReleaseResult released(StoredDraft draft, Standing now, Wish wish, String by) {
        release(draft, wish, by);
        draft.pause(null, null);
        What what =
                wish.starts() != null ? What.SCHEDULED : wish.number() < now.liveNumber() ? What.WENT_BACK : What.LIVE;
        return done(draft, what, wish.why(), now.liveNumber(), wish.number(), by);
    }

    /** What counts stands elsewhere: it is changed there too, unless somebody else has changed it since. */
    private ReleaseResult elsewhere(CountsElsewhere kind, StoredDraft draft, Standing now, Wish wish, String by) {
        CountsElsewhere.Now counting = kind.now(draft.id()).orElseThrow();
        DraftDocument known = draft.known();
        if (known == null || !known.root().equals(counting.document().root())) {
            return new ChangedMeanwhile(counting.changedBy());
        }
        StoredRelease release = release(draft, wish, by);
        if (wish.starts() != null) {
            return done(draft, What.SCHEDULED, wish.why(), now.liveNumber(), wish.number(), by);
        }
        try {
            draft.knows(kind.put(draft.id(), followed.document(draft.id(), wish.number()), wish.why(), by));
        } catch (CountsElsewhere.Unfit unfit) {
            throw new IllegalStateException("whoever asks first has let a version pass that cannot count", unfit);
        }
        release.apply(release.starts());
        return new Done(standing(draft));
    }

    private StoredRelease release(StoredDraft draft, Wish wish, String by) {
        Instant moment = clock.instant().truncatedTo(ChronoUnit.MICROS);
        Instant starts = wish.starts() == null ? moment : wish.starts();
        StoredRelease release = releases.saveAndFlush(new StoredRelease(
                draft.id(),
                wish.number(),
                releases.version(draft.id(), wish.number()),
                starts,
                wish.why(),
                moment,
                by));
        if (wish.starts() != null && draft.kind() != DraftKind.ROWS) {
            outbox.put(BEGINS, Map.of("release", release.id()), starts);
        }
        return release;
    }

    /**
     * Says of a planned release of a card or deal that its time has come. It counts without that: every node's book has known it,
     * and raises the revision of prices then.
     */
    @Transactional
    public void begun(long releaseId) {
        releases.findById(releaseId)
                .filter(release -> release.withdrawnAt() == null)
                .ifPresent(release -> drafts.lockById(release.draftId())
                        .filter(draft -> draft.removedAt() == null && draft.pausedAt() == null)
                        .ifPresent(draft -> tell(
                                draft,
                                release.release().version(),
                                release.release().madeBy())));
    }

    private void tell(StoredDraft draft, int version, String by) {
        outbox.put(
                draft.kind() == DraftKind.CARD ? "card.live" : "deal.live",
                Map.of("id", draft.id(), "name", draft.name(), "version", version, "by", by));
    }

    /** What is planned of a kind, the next first. */
    @Transactional(readOnly = true)
    public List<Planned> planned(DraftKind kind) {
        return releases.planned(kind, clock.instant());
    }

    /** The releases of a kind that have begun and are not where what counts stands. */
    @Transactional(readOnly = true)
    public List<Long> due(DraftKind kind) {
        return releases.due(kind, clock.instant());
    }

    /**
     * Brings a planned release that has begun where what counts stands. What others changed there since it was planned
     * stays, but at places that it changes itself. One that cannot count any more is taken back, and history says why.
     */
    @Transactional
    public void begin(long releaseId) {
        shops.hold();
        StoredRelease release = releases.findById(releaseId).orElseThrow();
        StoredDraft draft = drafts.lockById(release.draftId()).orElseThrow();
        CountsElsewhere kind = Objects.requireNonNull(followed.of(draft.kind()));
        if (release.applied() || release.withdrawnAt() != null) {
            return; // another node was quicker
        }
        Instant moment = clock.instant().truncatedTo(ChronoUnit.MICROS);
        String by = release.release().madeBy();
        try {
            CountsElsewhere.Now now =
                    kind.now(draft.id()).orElseThrow(() -> new CountsElsewhere.Unfit("it is no longer there"));
            if (now.removedAt() != null) {
                throw new CountsElsewhere.Unfit("it was taken out of the shop");
            }
            followed.follow(draft, now);
            DraftDocument planned =
                    followed.document(draft.id(), release.release().number());
            DraftDocument both = Merge.of(
                            followed.plannedOver(release), now.document(), planned, place -> Merge.Side.MINE)
                    .document();
            draft.knows(kind.put(draft.id(), both, release.release().why(), by));
            release.apply(moment);
            if (!both.root().equals(planned.root())) {
                DraftDocument kept = both.weighedAs(planned);
                long written = followed.write(draft, kept, by, moment);
                StoredRelease merged = new StoredRelease(
                        draft.id(), written, releases.version(draft.id(), written), release.starts(), "", moment, by);
                merged.apply(moment);
                releases.saveAndFlush(merged);
            }
        } catch (CountsElsewhere.Unfit unfit) {
            release.withdraw(moment);
            long number = release.release().number();
            changes.keep(
                    Change.ofVersion(
                            draft.kind().subject(),
                            draft.id(),
                            draft.name(),
                            What.WITHDRAWN,
                            "It could not begin: " + unfit.getMessage(),
                            number,
                            number,
                            release.release().version()),
                    by);
        }
    }

    private String madeLast(StoredDraft draft, Standing now) {
        return releases.findById(now.latest())
                .map(release -> release.release().madeBy())
                .orElse(draft.changedBy());
    }

    /**
     * Pauses or resumes several, all of them or none.
     *
     * @return how many are so now that were not before
     */
    @Transactional
    public int several(DraftKind kind, List<Long> ids, boolean pause, String by) {
        Set<Long> there = drafts.inOrder(kind).stream().map(StoredDraft::id).collect(Collectors.toSet());
        return (int) ids.stream()
                .distinct()
                .filter(there::contains)
                .map(id -> pause ? pause(id, "", by) : resume(id, "", by))
                .flatMap(Optional::stream)
                .filter(Done.class::isInstance)
                .count();
    }

    /** Lets a card price nothing until it is resumed. */
    @Transactional
    public Optional<ReleaseResult> pause(long draftId, String why, String by) {
        shops.hold();
        return drafts.lockById(draftId).map(draft -> {
            Standing now = standing(draft);
            if (now.paused() || now.lastPlanned() == 0) {
                return new AlreadySo();
            }
            draft.pause(clock.instant(), by);
            return done(draft, What.PAUSED, why, now.liveNumber(), now.liveNumber(), by);
        });
    }

    /** Lets a paused card price again. */
    @Transactional
    public Optional<ReleaseResult> resume(long draftId, String why, String by) {
        shops.hold();
        return drafts.lockById(draftId).map(draft -> {
            Standing now = standing(draft);
            if (!now.paused()) {
                return new AlreadySo();
            }
            draft.pause(null, null);
            return done(draft, What.RESUMED, why, now.liveNumber(), now.liveNumber(), by);
        });
    }

    /** Takes back a release that has not begun. */
    @Transactional
    public Optional<ReleaseResult> withdraw(long draftId, long releaseId, String by) {
        shops.hold();
        return drafts.lockById(draftId).map(draft -> {
            Instant now = clock.instant();
            StoredRelease release = releases.findById(releaseId)
                    .filter(one -> one.draftId() == draftId && one.withdrawnAt() == null)
                    .filter(one -> one.starts().isAfter(now))
                    .orElse(null);
            if (release == null) {
                return new AlreadySo();
            }
            release.withdraw(now);
            return done(
                    draft,
                    What.WITHDRAWN,
                    "",
                    release.release().number(),
                    standing(draft).liveNumber(),
                    by);
        });
    }

    private Done done(StoredDraft draft, What what, String why, long before, long after, String by) {
        int called = releases.called(draft.id(), what == What.WITHDRAWN ? before : after);
        if (TOLD.contains(what) && draft.kind() != DraftKind.ROWS) {
            tell(draft, called, by);
        }
        changes.keep(
                Change.ofVersion(draft.kind().subject(), draft.id(), draft.name(), what, why, before, after, called),
                by);
        shops.raiseRevision();
        return new Done(standing(draft));
    }

    private Standing standing(StoredDraft draft) {
        return Standing.of(
                releases.standing(draft.id()).stream()
                        .map(StoredRelease::release)
                        .toList(),
                clock.instant(),
                draft.pausedAt(),
                draft.pausedBy());
    }
}
