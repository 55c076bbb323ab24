package dev.steelyard.web.payment;

import java.math.BigDecimal;

/**
 * Takes money. Everything goes by a key: whatever is asked twice with one key happens once, and is answered alike.
 */
public interface Payments {

    /**
     * Takes an amount from a card.
     *
     * @throws NoAnswer where the service does not answer in time; whether it took the money is then unknown
     */
    PaymentAnswer charge(String key, BigDecimal amount, String currency, String card);

    /**
     * Makes sure that a payment will not be taken any more, unless it has been.
     *
     * @return the approval where the money was taken already, else a refusal
     */
    PaymentAnswer cancel(String key);
}
