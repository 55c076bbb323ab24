package dev.steelyard.web.shop;

import dev.steelyard.web.base.database.UtcColumns;
import java.time.Instant;
import java.util.Objects;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Up to when some node has told of prices that change by themselves. */
@Repository
public class ToldUntil {

    private final JdbcTemplate sql;

    ToldUntil(JdbcTemplate sql) {
        this.sql = sql;
    }

    public Instant moment() {
        return Objects.requireNonNull(
                sql.queryForObject("select told_at from price_turn", (row, n) -> UtcColumns.in(row, 1)));
    }

    /** In the transaction that tells, of whoever holds the shop. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void set(Instant moment) {
        sql.update("update price_turn set told_at = ?", UtcColumns.utc(moment));
    }
}
