package dev.steelyard.web.store.hooks;

import io.micrometer.core.instrument.Gauge;
import io.micrometer.core.instrument.MeterRegistry;
import java.util.Objects;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** How many messages wait to be sent; for who watches. */
@Component
class DeliveryWatch {

    private final JdbcTemplate sql;

    DeliveryWatch(JdbcTemplate sql, MeterRegistry meters) {
        this.sql = sql;
        Gauge.builder("steelyard.deliveries.waiting", this, DeliveryWatch::waiting)
                .description("messages of webhooks that wait to be sent")
                .register(meters);
    }

    /** Not a number while the database is away: nothing is known then. */
    private double waiting() {
        try {
            return Objects.requireNonNull(
                    sql.queryForObject("select count(*) from webhook_delivery where state = 'WAITING'", Double.class));
        } catch (DataAccessException away) {
            return Double.NaN;
        }
    }
}
