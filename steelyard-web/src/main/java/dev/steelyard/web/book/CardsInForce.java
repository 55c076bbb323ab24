package dev.steelyard.web.book;

import dev.steelyard.web.shop.Shop;
import java.time.Instant;
import java.util.List;

/** Whoever keeps the rate cards. */
public interface CardsInForce {

    /** What is live, paused or planned, in the order in which cards are tried; in the caller's transaction. */
    List<CardInForce> of(Shop shop);

    /** The same with what counted at any time since a moment. */
    List<CardInForce> since(Shop shop, Instant moment);
}
