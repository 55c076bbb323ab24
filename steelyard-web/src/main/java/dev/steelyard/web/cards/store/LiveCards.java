package dev.steelyard.web.cards.store;

import dev.steelyard.core.card.CardState;
import dev.steelyard.core.card.Covers;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.format.Documents;
import dev.steelyard.web.book.CardInForce;
import dev.steelyard.web.book.CardsInForce;
import dev.steelyard.web.shop.Shop;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Makes the price book's cards from what is live. A version that is followed by another counts until that one begins, so
 * a book stays right while time goes on; a version is prepared once.
 */
@Component
class LiveCards implements CardsInForce {

    private static final int MOST_KEPT = 5_000;

    private final CardRepository cards;
    private final VersionRepository versions;
    private final Releases releases;
    private final Map<Key, PreparedCard> prepared = new ConcurrentHashMap<>();

    LiveCards(CardRepository cards, VersionRepository versions, Releases releases) {
        this.cards = cards;
        this.versions = versions;
        this.releases = releases;
    }

    private record Key(long cardId, long number, String currency) {}

    @Override
    @Transactional(readOnly = true)
    public List<CardInForce> of(Shop shop) {
        Map<Long, Standing> standings = releases.all();
        Map<List<Long>, StoredVersion> documents = new HashMap<>();
        versions.released().forEach(version -> documents.put(List.of(version.cardId(), version.number()), version));
        List<CardInForce> live = new ArrayList<>();
        for (StoredCard card : cards.inOrder()) {
            Standing standing = standings.get(card.id());
            if (standing != null) {
                add(card, standing, documents, shop, live);
            }
        }
        return live;
    }

    private void add(
            StoredCard card,
            Standing standing,
            Map<List<Long>, StoredVersion> documents,
            Shop shop,
            List<CardInForce> to) {
        List<Release> inTurn = new ArrayList<>();
        if (standing.live() != null) {
            inTurn.add(standing.live());
        }
        inTurn.addAll(standing.coming());
        for (int i = 0; i < inTurn.size(); i++) {
            Release release = inTurn.get(i);
            StoredVersion version = documents.get(List.of(card.id(), release.number()));
            if (version == null) {
                throw new IllegalStateException("card " + card.id() + " has no version " + release.number());
            }
            PreparedCard whole = prepared(version, shop.currency());
            whole.card()
                    .covers()
                    .within(
                            release == standing.live() ? null : at(release.starts(), shop.zone()),
                            i + 1 < inTurn.size() ? at(inTurn.get(i + 1).starts(), shop.zone()) : null)
                    .ifPresent(covers ->
                            to.add(new CardInForce(card.id(), release.number(), inForce(whole, covers, standing))));
        }
    }

    private static PreparedCard inForce(PreparedCard whole, Covers covers, Standing standing) {
        return whole.as(standing.paused() ? CardState.PAUSED : CardState.LIVE, covers);
    }

    private PreparedCard prepared(StoredVersion version, String currency) {
        if (prepared.size() > MOST_KEPT) {
            prepared.clear();
        }
        return prepared.computeIfAbsent(new Key(version.cardId(), version.number(), currency), key -> {
            @Nullable
            PreparedCard card = Documents.readDraft(
                            CardDocument.read(version.document()).card(), currency)
                    .prepared();
            if (card == null) {
                throw new IllegalStateException(
                        "version " + key.number() + " of card " + key.cardId() + " is live and cannot be read");
            }
            return card;
        });
    }

    private static LocalDateTime at(Instant instant, ZoneId zone) {
        return LocalDateTime.ofInstant(instant, zone);
    }
}
