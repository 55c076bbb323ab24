package dev.steelyard.web.payment;

import dev.steelyard.web.payment.PaymentAnswer.Approved;
import dev.steelyard.web.payment.PaymentAnswer.Refused;
import java.math.BigDecimal;
import java.sql.Timestamp;
import java.time.Clock;
import java.util.Locale;
import java.util.Objects;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Stands in for a payment service: takes no money, keeps its own books, and misbehaves by the card's last digit. */
@Component
class SimulatedPayments implements Payments {

    private static final String APPROVED = "APPROVED";
    private static final String DECLINED = "DECLINED";
    private static final String CANCELLED = "CANCELLED";
    private static final String NO_CURRENCY = "";

    private final JdbcClient books;
    private final TransactionTemplate apart;
    private final Clock clock;

    SimulatedPayments(JdbcClient books, TransactionTemplate template, Clock clock) {
        this.books = books;
        this.clock = clock;
        this.apart = new TransactionTemplate(Objects.requireNonNull(template.getTransactionManager()));
        this.apart.setPropagationBehavior(TransactionTemplate.PROPAGATION_REQUIRES_NEW);
    }

    @Override
    @Transactional(propagation = Propagation.NEVER) // a remote service would not share a transaction either
    public PaymentAnswer charge(String key, BigDecimal amount, String currency, String card) {
        return switch (card.charAt(card.length() - 1)) {
            case '2' -> settle(key, DECLINED, amount, currency);
            case '3' -> throw new NoAnswer();
            case '4' -> {
                settle(key, APPROVED, amount, currency);
                throw new NoAnswer();
            }
            default -> settle(key, APPROVED, amount, currency);
        };
    }

    @Override
    public PaymentAnswer cancel(String key) {
        return settle(key, CANCELLED, BigDecimal.ZERO, NO_CURRENCY);
    }

    /** The first word on a key stands; later ones are answered with it. */
    private PaymentAnswer settle(String key, String state, BigDecimal amount, String currency) {
        apart.executeWithoutResult(status -> books.sql(
                        """
                        insert ignore into simulated_payment (payment_key, state, amount, currency, reference, made_at)
                        values (?, ?, ?, ?, ?, ?)""")
                .params(
                        key,
                        state,
                        amount,
                        currency,
                        "SIM-" + UUID.randomUUID().toString().substring(0, 8).toUpperCase(Locale.ROOT),
                        Timestamp.from(clock.instant()))
                .update());
        return books.sql("select state, reference from simulated_payment where payment_key = ?")
                .param(key)
                .query((row, number) -> answer(row.getString("state"), row.getString("reference")))
                .single();
    }

    private static PaymentAnswer answer(String state, String reference) {
        return switch (state) {
            case APPROVED -> new Approved(reference);
            case DECLINED -> new Refused("The card was declined. No money was taken.");
            case CANCELLED -> new Refused("The payment was called off. No money was taken.");
            default -> throw new IllegalStateException("no state of a payment: " + state);
        };
    }
}
