package dev.steelyard.core.replay;

import dev.steelyard.core.replay.Replayed.Change;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.PriorityQueue;

/** The few that come first in an order, of many that are shown once. */
final class Most {

    private static final int KEPT = 10;

    private final Comparator<Change> order;
    private final PriorityQueue<Change> kept;

    /** @param order what comes first first; equal ones in the order of their ids */
    Most(Comparator<Change> order) {
        this.order = order.thenComparingLong(Change::id);
        this.kept = new PriorityQueue<>(this.order.reversed());
    }

    void add(Change change) {
        if (kept.size() < KEPT) {
            kept.add(change);
        } else if (order.compare(change, kept.element()) < 0) {
            kept.remove();
            kept.add(change);
        }
    }

    List<Change> inOrder() {
        List<Change> all = new ArrayList<>(kept);
        all.sort(order);
        return all;
    }
}
