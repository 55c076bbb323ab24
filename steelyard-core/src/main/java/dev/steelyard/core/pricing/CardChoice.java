package dev.steelyard.core.pricing;

import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.pricing.Reckoning.PassedOver;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/** The first card in the order that covers product, customer and day, with those passed over before it. */
record CardChoice(RateCard card, List<PassedOver> passedOver) {

    static CardChoice of(List<RateCard> order, Product product, Customer customer, LocalDate day) {
        List<PassedOver> passedOver = new ArrayList<>();
        for (RateCard card : order) {
            if (!card.covers().covers(product)) {
                continue;
            }
            String reason = card.paused() ? "paused" : card.covers().reasonAgainst(customer, day);
            if (reason == null) {
                return new CardChoice(card, List.copyOf(passedOver));
            }
            passedOver.add(new PassedOver(card.name(), reason));
        }
        return new CardChoice(RateCard.SHELF_PRICE, List.copyOf(passedOver));
    }
}
