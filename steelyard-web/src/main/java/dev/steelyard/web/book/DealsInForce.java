package dev.steelyard.web.book;

import dev.steelyard.web.shop.Shop;
import java.time.Instant;
import java.util.List;

/** Whoever keeps the deals. */
public interface DealsInForce {

    /** What is live, paused or planned, in the order in which deals are applied; in the caller's transaction. */
    List<DealInForce> of(Shop shop);

    /** The same with what counted at any time since a moment. */
    List<DealInForce> since(Shop shop, Instant moment);
}
