package dev.steelyard.web.editing.deal;

import dev.steelyard.core.deal.Deal;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.DealInForce;
import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.draft.Drafts;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** The deals that are live, with another one in its place among them. */
@Component
class DealOrder {

    private final Drafts drafts;

    DealOrder(Drafts drafts) {
        this.drafts = drafts;
    }

    /** All of them with this one in place of what is live of it. */
    List<Deal> with(long id, Deal deal, BookInForce book) {
        List<Deal> order = new ArrayList<>();
        List<Long> ids = drafts.ids(DraftKind.DEAL);
        for (long one : ids) {
            if (one == id) {
                order.add(deal);
            } else {
                book.deals().stream()
                        .filter(live -> live.id() == one)
                        .map(DealInForce::deal)
                        .forEach(order::add);
            }
        }
        if (!ids.contains(id)) {
            order.add(deal);
        }
        return order;
    }

    /** All that are live but one; of one with several versions the one that counts first. */
    List<Deal> without(long id, BookInForce book) {
        Map<Long, Deal> others = new LinkedHashMap<>();
        book.deals().stream()
                .filter(live -> live.id() != id)
                .forEach(live -> others.putIfAbsent(live.id(), live.deal()));
        return List.copyOf(others.values());
    }
}
