package dev.steelyard.web.editing.live;

import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.finding.Finding;
import dev.steelyard.core.finding.OrderFindings;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.book.CardInForce;
import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.draft.Drafts;
import dev.steelyard.words.Words;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** The cards that are live beside one, and where they cover the same as it does. */
@Component
public class Neighbours {

    private final Drafts cards;
    private final Books books;

    Neighbours(Drafts cards, Books books) {
        this.cards = cards;
        this.books = books;
    }

    /** Where a card, as it is written, covers the same goods, customers and time as live ones, a sentence each. */
    public List<String> overlaps(long cardId, RateCard card) {
        List<Long> order = cards.ids(DraftKind.CARD);
        int ours = order.indexOf(cardId);
        Map<Long, RateCard> others = new LinkedHashMap<>();
        for (CardInForce live : books.inForce().cards()) {
            if (live.id() != cardId) {
                others.putIfAbsent(live.id(), live.card().card());
            }
        }
        List<RateCard> before = new ArrayList<>();
        List<RateCard> after = new ArrayList<>();
        others.forEach((id, other) -> (order.indexOf(id) < ours ? before : after).add(other));
        return said(card, before, after);
    }

    private List<String> said(RateCard card, List<RateCard> before, List<RateCard> after) {
        List<RateCard> order = new ArrayList<>(before);
        int ours = order.size();
        order.add(card);
        order.addAll(after);
        OrderFindings.About about =
                OrderFindings.about(order, ours, books.inForce().directory());
        List<String> said = new ArrayList<>();
        about.own().stream()
                .filter(finding -> finding.code() != Finding.Code.COVERS_NOTHING)
                .forEach(finding -> said.add(Words.owners().sentence(finding.said())));
        about.below()
                .forEach((below, count) ->
                        said.add("“" + order.get(below).name() + "” stands below: this card comes first, and wins for "
                                + (count == 1 ? "1 product" : count + " products") + " that both cover"));
        return said;
    }
}
