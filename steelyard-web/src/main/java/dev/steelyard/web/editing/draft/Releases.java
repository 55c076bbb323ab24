package dev.steelyard.web.editing.draft;

import dev.steelyard.web.editing.draft.ReleaseResult.AlreadySo;
import dev.steelyard.web.editing.draft.ReleaseResult.ChangedMeanwhile;
import dev.steelyard.web.editing.draft.ReleaseResult.Done;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.history.Change;
import dev.steelyard.web.shop.history.Changes;
import dev.steelyard.web.shop.history.What;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/**
 * Puts versions of cards and deals live, now or at a time, and takes them from shoppers. Each change raises the revision of prices
 * in its own transaction, so that every node follows.
 */
@Repository
public class Releases {

    private final DraftRepository drafts;
    private final VersionRepository versions;
    private final ReleaseRepository releases;
    private final Changes changes;
    private final Shops shops;
    private final Clock clock;

    Releases(
            DraftRepository drafts,
            VersionRepository versions,
            ReleaseRepository releases,
            Changes changes,
            Shops shops,
            Clock clock) {
        this.drafts = drafts;
        this.versions = versions;
        this.releases = releases;
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
     */
    public record Wish(long number, long draft, long seen, @Nullable Instant starts, String why) {}

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
        Map<Long, List<Release>> byDraft = new LinkedHashMap<>();
        releases.standing(kind).forEach(release -> byDraft.computeIfAbsent(release.draftId(), any -> new ArrayList<>())
                .add(release.release()));
        Instant now = clock.instant();
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
                        .map(version -> putLive(draft, wish, by)));
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
        Instant moment = clock.instant().truncatedTo(ChronoUnit.MICROS);
        Instant starts = wish.starts() == null ? moment : wish.starts();
        releases.saveAndFlush(new StoredRelease(draft.id(), wish.number(), starts, wish.why(), moment, by));
        draft.pause(null, null);
        What what =
                wish.starts() != null ? What.SCHEDULED : wish.number() < now.liveNumber() ? What.WENT_BACK : What.LIVE;
        return done(draft, what, wish.why(), now.liveNumber(), wish.number(), by);
    }

    private String madeLast(StoredDraft draft, Standing now) {
        return releases.findById(now.latest())
                .map(release -> release.release().madeBy())
                .orElse(draft.changedBy());
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
        changes.keep(Change.ofVersion(draft.kind().subject(), draft.id(), draft.name(), what, why, before, after), by);
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
