package dev.steelyard.core.pricing;

import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.PassedOverFor;
import dev.steelyard.core.card.RateCard;
import java.time.ZonedDateTime;
import org.jspecify.annotations.Nullable;

/**
 * Whether a card prices an order, and if not, why.
 *
 * @param passedOver why it does not though it covers the product; none for another outcome
 */
public record Verdict(RateCard card, Outcome outcome, @Nullable PassedOverFor passedOver) {

    /** What becomes of a card. */
    public enum Outcome {
        /** It prices the order. */
        WINS,
        /** It covers the product, but not this customer or moment. */
        PASSED_OVER,
        /** It would price the order if no card above did. */
        BELOW_THE_WINNER,
        /** It does not cover the product. */
        NOT_COVERED
    }

    static Verdict of(RateCard card, Item item, Customer customer, ZonedDateTime at, boolean wins, boolean another) {
        if (wins) {
            return new Verdict(card, Outcome.WINS, null);
        }
        if (!card.covers().covers(item)) {
            return new Verdict(card, Outcome.NOT_COVERED, null);
        }
        PassedOverFor reason = CardChoice.reason(card, customer, at);
        if (reason != null) {
            return new Verdict(card, Outcome.PASSED_OVER, reason);
        }
        if (!another) {
            throw new IllegalStateException(card.name() + " covers the order and comes before the winner");
        }
        return new Verdict(card, Outcome.BELOW_THE_WINNER, null);
    }
}
