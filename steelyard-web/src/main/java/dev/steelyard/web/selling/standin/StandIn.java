package dev.steelyard.web.selling.standin;

import dev.steelyard.web.selling.payment.PaymentMessage;
import java.time.Duration;
import java.util.Objects;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Decides payments by the card's last digit: 2 is declined, 3 never answers, 4 takes the money and does not say so,
 * 5 answers twice, 6 answers late, any other is approved.
 */
@Component
class StandIn implements DisposableBean {

    private static final Logger log = LoggerFactory.getLogger(StandIn.class);
    private static final int THREADS = 4;

    private final StandInBooks books;
    private final CallBacks callBacks;
    private final Duration late;
    private final ScheduledExecutorService soon = Executors.newScheduledThreadPool(THREADS, work -> {
        Thread thread = new Thread(work, "stand-in");
        thread.setDaemon(true);
        return thread;
    });

    /** @param late after how long a late answer comes */
    StandIn(StandInBooks books, CallBacks callBacks, @Value("${steelyard.payments.late:6s}") Duration late) {
        this.books = books;
        this.callBacks = callBacks;
        this.late = late;
    }

    /** Writes a payment down and answers by and by; one that is known is only answered again. */
    PaymentMessage ask(PaymentMessage wanted) {
        books.open(wanted);
        String card = Objects.requireNonNullElse(wanted.card(), "");
        char last = card.isEmpty() ? '0' : card.charAt(card.length() - 1);
        String key = Objects.requireNonNull(wanted.key());
        switch (last) {
            case '2' -> decide(key, PaymentMessage.DECLINED, 0, 1);
            case '3' -> {} // nobody ever hears of it
            case '4' -> books.settle(key, PaymentMessage.APPROVED);
            case '5' -> decide(key, PaymentMessage.APPROVED, 0, 2);
            case '6' -> decide(key, PaymentMessage.APPROVED, late.toMillis(), 1);
            default -> decide(key, PaymentMessage.APPROVED, 0, 1);
        }
        return books.look(key);
    }

    private void decide(String key, String state, long afterMillis, int times) {
        soon.schedule(
                () -> {
                    try {
                        books.settle(key, state);
                        for (int i = 0; i < times; i++) {
                            callBacks.tell(books.look(key), books.callback(key));
                        }
                    } catch (RuntimeException away) {
                        log.warn("A payment is left undecided, as if the service had died", away);
                    }
                },
                afterMillis,
                TimeUnit.MILLISECONDS);
    }

    PaymentMessage look(PaymentMessage asked) {
        return books.look(Objects.requireNonNull(asked.key()));
    }

    /** Calls a payment off, unless it is decided; one that is not known will never be taken. */
    PaymentMessage cancel(PaymentMessage asked) {
        books.open(asked);
        books.settle(Objects.requireNonNull(asked.key()), PaymentMessage.CANCELLED);
        return look(asked);
    }

    @Override
    public void destroy() {
        soon.shutdownNow();
    }
}
