package dev.steelyard.web.selling.checkout;

import dev.steelyard.web.selling.payment.NoAnswer;
import dev.steelyard.web.selling.payment.PaymentAnswer;
import dev.steelyard.web.selling.payment.Payments;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.dao.DataAccessException;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.CannotCreateTransactionException;

/**
 * Finds payments whose answer never came, because it was lost or the shop was away, and asks what became of them: so that
 * whoever paid gets their order though they never press again.
 */
@Component
class LeftCheckouts {

    private static final Logger log = LoggerFactory.getLogger(LeftCheckouts.class);

    private final Checkouts checkouts;
    private final Payments payments;
    private final Clock clock;
    private final Duration after;
    private final Duration callOffAfter;

    /**
     * @param after how long an answer is waited for before it is asked for
     * @param callOffAfter how long a payment may stay undecided
     */
    LeftCheckouts(
            Checkouts checkouts,
            Payments payments,
            Clock clock,
            @Value("${steelyard.payments.ask-after:15s}") Duration after,
            @Value("${steelyard.payments.call-off-after:15m}") Duration callOffAfter) {
        this.checkouts = checkouts;
        this.payments = payments;
        this.clock = clock;
        this.after = after;
        this.callOffAfter = callOffAfter;
    }

    @Scheduled(fixedDelayString = "5s", initialDelayString = "5s")
    void look() {
        try {
            settle(after, false);
            settle(callOffAfter, true);
        } catch (DataAccessException | CannotCreateTransactionException away) {
            log.warn("Left payments could not be looked up: {}", away.getMessage());
        }
    }

    private void settle(Duration age, boolean callOff) {
        Instant before = clock.instant().minus(age);
        for (String paymentKey : checkouts.payingSince(before)) {
            try {
                settle(paymentKey, callOff ? payments.cancel(paymentKey) : payments.look(paymentKey));
            } catch (NoAnswer away) {
                log.warn("Payment {} is still unanswered: {}", paymentKey, away.getMessage());
            }
        }
    }

    private void settle(String paymentKey, PaymentAnswer answer) {
        String key = PaymentKey.checkout(paymentKey);
        if (answer instanceof PaymentAnswer.Approved approved) {
            checkouts.place(key, paymentKey, approved.reference());
        } else if (answer instanceof PaymentAnswer.Refused refused) {
            checkouts.refused(key, paymentKey, refused.why());
        }
    }
}
