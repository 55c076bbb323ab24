package dev.steelyard.web.editing.draft;

import dev.steelyard.web.shop.history.Change;
import dev.steelyard.web.shop.history.What;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Another order of cards, as history tells it: by the one card that was moved, where it was only one. */
final class DraftMove {

    private DraftMove() {}

    static Change of(DraftKind kind, List<StoredDraft> cards, List<Long> before, List<Long> after) {
        for (StoredDraft card : cards) {
            if (without(before, card.id()).equals(without(after, card.id()))) {
                return new Change(
                        kind.order(),
                        card.id(),
                        card.name(),
                        What.MOVED,
                        "",
                        Map.of("place", "" + (before.indexOf(card.id()) + 1)),
                        Map.of("place", "" + (after.indexOf(card.id()) + 1)));
            }
        }
        return new Change(
                kind.order(),
                0,
                kind == DraftKind.CARD ? "Several cards" : "Several deals",
                What.MOVED,
                "",
                places(cards, before),
                places(cards, after));
    }

    private static List<Long> without(List<Long> ids, long one) {
        List<Long> rest = new ArrayList<>(ids);
        rest.remove(one);
        return rest;
    }

    private static Map<String, String> places(List<StoredDraft> cards, List<Long> order) {
        Map<String, String> places = new LinkedHashMap<>();
        cards.forEach(card -> places.put(card.name(), "" + (order.indexOf(card.id()) + 1)));
        return places;
    }
}
