package dev.steelyard.core.pricing;

import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.PassedOverFor;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.reckoning.Reckoning.PassedOver;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The first card in the order that covers product, customer and moment, with those passed over before it. */
record CardChoice(PreparedCard card, List<PassedOver> passedOver) {

    /** @param covering the cards that cover the product, in order; the last one always counts */
    static CardChoice of(List<PreparedCard> covering, Customer customer, ZonedDateTime at) {
        List<PassedOver> passedOver = List.of();
        for (PreparedCard prepared : covering) {
            RateCard card = prepared.card();
            PassedOverFor reason = reason(card, customer, at);
            if (reason == null) {
                return new CardChoice(prepared, passedOver);
            }
            passedOver = passedOver.isEmpty() ? new ArrayList<>() : passedOver;
            passedOver.add(new PassedOver(card.name(), reason.said()));
        }
        throw new IllegalStateException("no card covers the goods");
    }

    /** Why a card that covers the goods is not for this customer or moment; none where it is. */
    static @Nullable PassedOverFor reason(RateCard card, Customer customer, ZonedDateTime at) {
        return switch (card.state()) {
            case PAUSED -> PassedOverFor.PAUSED;
            case ENDED -> PassedOverFor.NO_LONGER;
            default -> card.covers().reasonAgainst(customer, at);
        };
    }
}
