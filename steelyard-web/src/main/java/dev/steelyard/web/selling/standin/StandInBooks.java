package dev.steelyard.web.selling.standin;

import dev.steelyard.web.selling.payment.PaymentMessage;
import java.math.BigDecimal;
import java.sql.Timestamp;
import java.time.Clock;
import java.util.Locale;
import java.util.Objects;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** The stand-in's own books. The first word on a payment stands. */
@Component
class StandInBooks {

    private final JdbcClient sql;
    private final Clock clock;

    StandInBooks(JdbcClient sql, Clock clock) {
        this.sql = sql;
        this.clock = clock;
    }

    /** Writes a payment down as pending, once. */
    void open(PaymentMessage wanted) {
        sql.sql(
                        """
                        insert ignore into simulated_payment
                            (payment_key, state, amount, currency, reference, made_at, callback)
                        values (?, 'PENDING', ?, ?, ?, ?, ?)""")
                .params(
                        wanted.key(),
                        Objects.requireNonNullElse(wanted.amount(), BigDecimal.ZERO),
                        Objects.requireNonNullElse(wanted.currency(), ""),
                        "SIM-" + UUID.randomUUID().toString().substring(0, 8).toUpperCase(Locale.ROOT),
                        Timestamp.from(clock.instant()),
                        Objects.requireNonNullElse(wanted.callback(), ""))
                .update();
    }

    /** Decides a payment that is pending. */
    void settle(String key, String state) {
        sql.sql("update simulated_payment set state = ? where payment_key = ? and state = 'PENDING'")
                .params(state, key)
                .update();
    }

    /** What is known of a payment; one that is not known is pending: it may be asked for yet. */
    PaymentMessage look(String key) {
        return sql.sql("select state, reference, amount, currency from simulated_payment where payment_key = ?")
                .param(key)
                .query((row, number) -> new PaymentMessage(
                        key,
                        row.getString("state"),
                        row.getString("reference"),
                        row.getBigDecimal("amount"),
                        row.getString("currency"),
                        null,
                        null))
                .optional()
                .orElse(new PaymentMessage(key, PaymentMessage.PENDING, null, null, null, null, null));
    }

    /** Where the answer to a payment is wanted; empty for nowhere. */
    String callback(String key) {
        return sql.sql("select coalesce(callback, '') from simulated_payment where payment_key = ?")
                .param(key)
                .query(String.class)
                .optional()
                .orElse("");
    }
}
