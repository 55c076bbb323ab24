package dev.steelyard.web.editing.live;

import dev.steelyard.core.card.CardState;
import dev.steelyard.core.card.Covers;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.format.Documents;
import dev.steelyard.web.book.CardInForce;
import dev.steelyard.web.book.CardsInForce;
import dev.steelyard.web.editing.draft.Counting;
import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.draft.InForce;
import dev.steelyard.web.shop.Shop;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Makes the price book's cards from the versions that count; a version is prepared once. It is known again by what it says, not
 * by its number: where a shop's data were put back to what they were, numbers are given anew.
 */
@Component
class LiveCards implements CardsInForce {

    private static final int MOST_KEPT = 5_000;

    private final InForce inForce;
    private final Map<Key, PreparedCard> prepared = new ConcurrentHashMap<>();
    private final Map<Shown, PreparedCard> shown = new ConcurrentHashMap<>();

    LiveCards(InForce inForce) {
        this.inForce = inForce;
    }

    private record Key(String text, ShopRules rules) {}

    /** One and the same object as long as nothing of it changes, by which a book knows that its cards stayed. */
    private record Shown(PreparedCard whole, CardState state, Covers covers) {}

    @Override
    public List<CardInForce> of(Shop shop) {
        return cards(inForce.of(DraftKind.CARD, shop.zone()), shop);
    }

    @Override
    public List<CardInForce> since(Shop shop, Instant moment) {
        return cards(inForce.since(DraftKind.CARD, shop.zone(), moment), shop);
    }

    private List<CardInForce> cards(List<Counting> versions, Shop shop) {
        List<CardInForce> live = new ArrayList<>();
        for (Counting version : versions) {
            PreparedCard whole = prepared(version, shop.rules());
            CardState state = version.paused() ? CardState.PAUSED : CardState.LIVE;
            whole.card()
                    .covers()
                    .within(version.from(), version.until())
                    .ifPresent(covers -> live.add(new CardInForce(
                            version.id(),
                            version.number(),
                            version.version(),
                            shown.computeIfAbsent(new Shown(whole, state, covers), one -> whole.as(state, covers)))));
        }
        return live;
    }

    private PreparedCard prepared(Counting version, ShopRules rules) {
        if (prepared.size() > MOST_KEPT) {
            prepared.clear();
        }
        if (shown.size() > MOST_KEPT) {
            shown.clear();
        }
        return prepared.computeIfAbsent(new Key(version.text(), rules), key -> {
            @Nullable
            PreparedCard card =
                    Documents.readDraft(version.document().root(), rules).prepared();
            if (card == null) {
                throw new IllegalStateException(
                        "version " + version.number() + " of card " + version.id() + " is live and cannot be read");
            }
            return card;
        });
    }
}
