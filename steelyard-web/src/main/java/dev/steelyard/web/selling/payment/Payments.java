package dev.steelyard.web.selling.payment;

import java.math.BigDecimal;

/**
 * A service that takes money. Everything goes by a key: whatever is asked twice with one key happens once. The answer to
 * a payment comes by a call back, signed; it may come late, twice or never, and can be asked for.
 */
public interface Payments {

    /**
     * Asks for an amount from a card. The service only says that it has heard.
     *
     * @throws NoAnswer where it does not; whether it takes the money is then unknown
     */
    void ask(String key, BigDecimal amount, String currency, String card);

    /**
     * What has become of a payment.
     *
     * @throws NoAnswer where the service does not say
     */
    PaymentAnswer look(String key);

    /**
     * Makes sure that a payment will not be taken any more, unless it has been.
     *
     * @return the approval where the money was taken already, else a refusal
     * @throws NoAnswer where the service does not say
     */
    PaymentAnswer cancel(String key);
}
