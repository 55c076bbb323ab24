package dev.steelyard.web.selling.checkout;

import dev.steelyard.web.selling.payment.CardNumber;
import dev.steelyard.web.selling.payment.PaymentMethod;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * Who orders, read from the form.
 *
 * @param card none where it is not paid by card
 */
record Buyer(String name, String email, PaymentMethod payment, @Nullable CardNumber card) {

    /** The last four digits of the card; empty where there is none. */
    String cardEnding() {
        return card == null ? "" : card.ending();
    }

    /** The card's digits, where it is paid by card. */
    String cardDigits() {
        return Objects.requireNonNull(card).digits();
    }
}
