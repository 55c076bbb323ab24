package dev.steelyard.web.editing.live;

import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.finding.Finding;
import dev.steelyard.core.finding.OrderFindings;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.book.CardInForce;
import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.Drafts;
import dev.steelyard.web.editing.draft.Kind;
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
        List<Long> order = cards.inOrder(Kind.CARD).stream().map(Draft::id).toList();
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
        Map<Integer, List<Finding>> found =
                OrderFindings.of(order, books.inForce().directory());
        List<String> said = new ArrayList<>();
        found.getOrDefault(ours, List.of()).stream()
                .filter(finding -> finding.code() != Finding.Code.COVERS_NOTHING)
                .forEach(finding -> said.add(finding.message()));
        for (int later = ours + 1; later < order.size(); later++) {
            String name = order.get(later).name();
            found.getOrDefault(later, List.of()).stream()
                    .filter(finding -> finding.message().contains("“" + card.name() + "”"))
                    .forEach(finding -> said.add("“" + name + "” stands below: "
                            + Character.toLowerCase(finding.message().charAt(0))
                            + finding.message().substring(1)));
        }
        return said;
    }
}
