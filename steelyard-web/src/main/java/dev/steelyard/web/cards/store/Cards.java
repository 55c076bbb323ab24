package dev.steelyard.web.cards.store;

import dev.steelyard.web.cards.store.KeepResult.ChangedMeanwhile;
import dev.steelyard.web.cards.store.KeepResult.Kept;
import dev.steelyard.web.history.Change;
import dev.steelyard.web.history.Changes;
import dev.steelyard.web.history.What;
import dev.steelyard.web.shop.Shops;
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
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Keeps rate cards. A draft's every change is a version; undo and redo go along those. */
@Repository
public class Cards {

    private static final int LONGEST_NAME = 200;

    private final CardRepository cards;
    private final VersionRepository versions;
    private final Changes changes;
    private final Shops shops;
    private final Clock clock;

    Cards(CardRepository cards, VersionRepository versions, Changes changes, Shops shops, Clock clock) {
        this.cards = cards;
        this.versions = versions;
        this.changes = changes;
        this.shops = shops;
        this.clock = clock;
    }

    /** All cards in the order in which they are tried. */
    @Transactional(readOnly = true)
    public List<CardEntry> inOrder() {
        Map<Long, StoredVersion> drafts =
                versions.drafts().stream().collect(Collectors.toMap(StoredVersion::cardId, Function.identity()));
        return cards.inOrder().stream()
                .map(card -> entry(card, Objects.requireNonNull(drafts.get(card.id()))))
                .toList();
    }

    @Transactional(readOnly = true)
    public Optional<CardEntry> find(long id) {
        return cards.findById(id).map(this::entry);
    }

    /** The document of a version; none where there is no such version. */
    @Transactional(readOnly = true)
    public Optional<CardDocument> version(long id, long number) {
        return versions.findByCardIdAndNumber(id, number).map(version -> CardDocument.read(version.document()));
    }

    /** A new card, last in the order, just above the shelf price. */
    @Transactional
    public CardEntry create(CardDocument document, String trial, String by) {
        StoredCard card = cards.save(new StoredCard(shortened(document.name()), cards.lastPosition() + 1, trial));
        return write(card, document, null, null, by);
    }

    /**
     * Puts the cards into another order.
     *
     * @param seen the order the editor saw, by the cards' ids
     * @param wanted the same ids in another order
     * @return whether it was done; not where the order is another by now
     */
    @Transactional
    public boolean reorder(List<Long> seen, List<Long> wanted, String by) {
        List<StoredCard> now = cards.lockInOrder();
        List<Long> ids = now.stream().map(StoredCard::id).toList();
        if (!ids.equals(seen)
                || wanted.size() != ids.size()
                || !Set.copyOf(wanted).equals(Set.copyOf(ids))) {
            return false;
        }
        if (!wanted.equals(ids)) {
            now.forEach(card -> card.setPosition(wanted.indexOf(card.id()) + 1));
            changes.keep(CardMove.of(now, ids, wanted), by);
            shops.raiseRevision();
        }
        return true;
    }

    /**
     * Keeps a change as the newest version; one that changes nothing is none.
     *
     * @param basedOn the version the editor saw
     * @param trial the trial as typed, kept beside the card
     * @return none where there is no such card
     */
    @Transactional
    public Optional<KeepResult> keep(long id, long basedOn, CardDocument document, String trial, String by) {
        return cards.lockById(id).map(card -> {
            if (card.number() != basedOn) {
                return new ChangedMeanwhile(entry(card));
            }
            card.setTrial(trial);
            CardEntry now = entry(card);
            return new Kept(now.document().equals(document) ? now : write(card, document, basedOn, null, by));
        });
    }

    /** Goes back to the version before the last change. */
    @Transactional
    public Optional<KeepResult> undo(long id, long basedOn, String by) {
        return step(id, basedOn, (card, now) -> {
            if (now.before() == null) {
                return entry(card);
            }
            StoredVersion before = version(card, now.before());
            return write(card, CardDocument.read(before.document()), before.before(), now.number(), by);
        });
    }

    /** Goes on to what was undone. */
    @Transactional
    public Optional<KeepResult> redo(long id, long basedOn, String by) {
        return step(id, basedOn, (card, now) -> {
            if (now.after() == null) {
                return entry(card);
            }
            StoredVersion after = version(card, now.after());
            return write(card, CardDocument.read(after.document()), now.number(), after.after(), by);
        });
    }

    /** Takes a card away; it can be put back. */
    @Transactional
    public Optional<CardEntry> remove(long id, String by) {
        return there(id, clock.instant(), What.REMOVED, by);
    }

    /** Puts a card back as it was. */
    @Transactional
    public Optional<CardEntry> putBack(long id, String by) {
        return there(id, null, What.PUT_BACK, by);
    }

    private Optional<CardEntry> there(long id, @Nullable Instant removedAt, What what, String by) {
        return cards.lockById(id).map(card -> {
            if ((card.removedAt() == null) != (removedAt == null)) {
                card.setRemovedAt(removedAt);
                changes.keep(Change.ofCard(id, card.name(), what, "", card.number(), card.number()), by);
                shops.raiseRevision();
            }
            return entry(card);
        });
    }

    private interface Step {
        CardEntry from(StoredCard card, StoredVersion now);
    }

    private Optional<KeepResult> step(long id, long basedOn, Step step) {
        return cards.lockById(id)
                .map(card -> card.number() != basedOn
                        ? new ChangedMeanwhile(entry(card))
                        : new Kept(step.from(card, version(card, basedOn))));
    }

    private CardEntry write(
            StoredCard card, CardDocument document, @Nullable Long before, @Nullable Long after, String by) {
        StoredVersion version = versions.saveAndFlush(new StoredVersion(
                card.id(), versions.lastNumber(card.id()) + 1, document.write(), before, after, clock.instant(), by));
        changes.keep(
                Change.ofCard(
                        card.id(),
                        document.name(),
                        card.number() == 0 ? What.MADE : What.DRAFT,
                        "",
                        card.number(),
                        version.number()),
                by);
        card.draftIs(version.number(), shortened(document.name()), clock.instant(), by);
        return entry(card, version);
    }

    private static String shortened(String name) {
        return name.length() <= LONGEST_NAME ? name : name.substring(0, LONGEST_NAME);
    }

    private StoredVersion version(StoredCard card, long number) {
        return versions.findByCardIdAndNumber(card.id(), number).orElseThrow();
    }

    private CardEntry entry(StoredCard card) {
        return entry(card, version(card, card.number()));
    }

    private static CardEntry entry(StoredCard card, StoredVersion draft) {
        return new CardEntry(
                card.id(),
                card.name(),
                card.position(),
                draft.number(),
                CardDocument.read(draft.document()),
                card.trial(),
                draft.before() != null,
                draft.after() != null,
                card.changedAt(),
                card.changedBy(),
                card.removedAt());
    }
}
