package dev.steelyard.web.selling.checkout;

import java.time.Duration;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.springframework.stereotype.Component;

/** Wakes whoever waits for the answer to a payment once it has been heard here. */
@Component
class PaymentAnswers {

    private final Map<String, CountDownLatch> waiting = new ConcurrentHashMap<>();

    /** Says, before a payment is asked for, that its answer will be waited for. */
    void expect(String paymentKey) {
        waiting.put(paymentKey, new CountDownLatch(1));
    }

    /** Returns once the answer has come, or after a while: it may have come to another node. */
    void await(String paymentKey, Duration atMost) {
        CountDownLatch latch = waiting.get(paymentKey);
        try {
            if (latch != null && latch.await(atMost.toMillis(), TimeUnit.MILLISECONDS)) {
                waiting.remove(paymentKey);
            }
        } catch (InterruptedException stopping) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("stopped while the answer to a payment was waited for", stopping);
        }
    }

    /** The answer is stored. */
    void came(String paymentKey) {
        CountDownLatch latch = waiting.get(paymentKey);
        if (latch != null) {
            latch.countDown();
        }
    }

    /** Nobody waits any more. */
    void forget(String paymentKey) {
        waiting.remove(paymentKey);
    }
}
