package dev.steelyard.web.selling.payment;

import java.security.SecureRandom;
import java.util.HexFormat;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;

/** What only the shop and its payment service know; made once for a shop, the same for all of its nodes. */
@Component
class PaymentSecret {

    private static final int BYTES = 32;

    private final JdbcClient sql;
    private final TransactionTemplate apart;

    PaymentSecret(JdbcClient sql, PlatformTransactionManager transactions) {
        this.sql = sql;
        this.apart = new TransactionTemplate(transactions);
        this.apart.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
    }

    /** In hexadecimal digits. */
    String current() {
        return held().isEmpty() ? make() : held();
    }

    private String held() {
        return sql.sql("select coalesce(payment_secret, '') from shop")
                .query(String.class)
                .single();
    }

    private String make() {
        byte[] bytes = new byte[BYTES];
        new SecureRandom().nextBytes(bytes);
        apart.executeWithoutResult(status -> sql.sql("update shop set payment_secret = ? where payment_secret is null")
                .param(HexFormat.of().formatHex(bytes))
                .update());
        return held();
    }
}
