package dev.steelyard.web.cards.store;

import dev.steelyard.web.cards.store.ReleaseResult.AlreadySo;
import dev.steelyard.web.cards.store.ReleaseResult.ChangedMeanwhile;
import dev.steelyard.web.cards.store.ReleaseResult.Done;
import dev.steelyard.web.history.Change;
import dev.steelyard.web.history.Changes;
import dev.steelyard.web.history.What;
import dev.steelyard.web.shop.Shops;
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
 * Puts versions of cards live, now or at a time, and takes them from shoppers. Each change raises the revision of prices
 * in its own transaction, so that every node follows.
 */
@Repository
public class Releases {

    private final CardRepository cards;
    private final VersionRepository versions;
    private final ReleaseRepository releases;
    private final Changes changes;
    private final Shops shops;
    private final Clock clock;

    Releases(
            CardRepository cards,
            VersionRepository versions,
            ReleaseRepository releases,
            Changes changes,
            Shops shops,
            Clock clock) {
        this.cards = cards;
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
    public Standing of(long cardId) {
        return cards.findById(cardId)
                .map(this::standing)
                .orElseGet(() -> Standing.of(List.of(), clock.instant(), null, null));
    }

    /** How each card stands that is there. */
    @Transactional(readOnly = true)
    public Map<Long, Standing> all() {
        Map<Long, List<Release>> byCard = new LinkedHashMap<>();
        releases.standing().forEach(release -> byCard.computeIfAbsent(release.cardId(), any -> new ArrayList<>())
                .add(release.release()));
        Instant now = clock.instant();
        Map<Long, Standing> standings = new LinkedHashMap<>();
        cards.inOrder()
                .forEach(card -> standings.put(
                        card.id(),
                        Standing.of(byCard.getOrDefault(card.id(), List.of()), now, card.pausedAt(), card.pausedBy())));
        return standings;
    }

    /** All releases of a card that still stand, the latest first. */
    @Transactional(readOnly = true)
    public List<Release> list(long cardId) {
        List<Release> list = new ArrayList<>();
        releases.standing(cardId).forEach(release -> list.add(0, release.release()));
        return list;
    }

    /**
     * Puts a version live, or says from when it will be; a card that was paused prices again. Whether it may be is the
     * caller's to ask first.
     *
     * @return none where there is no such card or version
     */
    @Transactional
    public Optional<ReleaseResult> putLive(long cardId, Wish wish, String by) {
        return cards.lockById(cardId)
                .filter(card -> card.removedAt() == null)
                .flatMap(card ->
                        versions.findByCardIdAndNumber(cardId, wish.number()).map(version -> putLive(card, wish, by)));
    }

    private ReleaseResult putLive(StoredCard card, Wish wish, String by) {
        Standing now = standing(card);
        if (now.latest() != wish.seen()) {
            return new ChangedMeanwhile(madeLast(card, now));
        }
        if (card.number() != wish.draft()) {
            return new ChangedMeanwhile(card.changedBy());
        }
        if (wish.starts() == null && now.liveNumber() == wish.number() && !now.paused()) {
            return new AlreadySo();
        }
        Instant moment = clock.instant().truncatedTo(ChronoUnit.MICROS);
        Instant starts = wish.starts() == null ? moment : wish.starts();
        releases.saveAndFlush(new StoredRelease(card.id(), wish.number(), starts, wish.why(), moment, by));
        card.pause(null, null);
        What what =
                wish.starts() != null ? What.SCHEDULED : wish.number() < now.liveNumber() ? What.WENT_BACK : What.LIVE;
        return done(card, what, wish.why(), now.liveNumber(), wish.number(), by);
    }

    private String madeLast(StoredCard card, Standing now) {
        return releases.findById(now.latest())
                .map(release -> release.release().madeBy())
                .orElse(card.changedBy());
    }

    /** Lets a card price nothing until it is resumed. */
    @Transactional
    public Optional<ReleaseResult> pause(long cardId, String why, String by) {
        return cards.lockById(cardId).map(card -> {
            Standing now = standing(card);
            if (now.paused() || now.lastPlanned() == 0) {
                return new AlreadySo();
            }
            card.pause(clock.instant(), by);
            return done(card, What.PAUSED, why, now.liveNumber(), now.liveNumber(), by);
        });
    }

    /** Lets a paused card price again. */
    @Transactional
    public Optional<ReleaseResult> resume(long cardId, String why, String by) {
        return cards.lockById(cardId).map(card -> {
            Standing now = standing(card);
            if (!now.paused()) {
                return new AlreadySo();
            }
            card.pause(null, null);
            return done(card, What.RESUMED, why, now.liveNumber(), now.liveNumber(), by);
        });
    }

    /** Takes back a release that has not begun. */
    @Transactional
    public Optional<ReleaseResult> withdraw(long cardId, long releaseId, String by) {
        return cards.lockById(cardId).map(card -> {
            Instant now = clock.instant();
            StoredRelease release = releases.findById(releaseId)
                    .filter(one -> one.cardId() == cardId && one.withdrawnAt() == null)
                    .filter(one -> one.starts().isAfter(now))
                    .orElse(null);
            if (release == null) {
                return new AlreadySo();
            }
            release.withdraw(now);
            return done(
                    card,
                    What.WITHDRAWN,
                    "",
                    release.release().number(),
                    standing(card).liveNumber(),
                    by);
        });
    }

    private Done done(StoredCard card, What what, String why, long before, long after, String by) {
        changes.keep(Change.ofCard(card.id(), card.name(), what, why, before, after), by);
        shops.raiseRevision();
        return new Done(standing(card));
    }

    private Standing standing(StoredCard card) {
        return Standing.of(
                releases.standing(card.id()).stream()
                        .map(StoredRelease::release)
                        .toList(),
                clock.instant(),
                card.pausedAt(),
                card.pausedBy());
    }
}
