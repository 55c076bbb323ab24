package dev.steelyard.web.shop;

import dev.steelyard.web.base.database.UtcColumns;
import java.time.Clock;
import java.time.Instant;
import java.util.Map;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/**
 * What is to be told to the world. It is written in the transaction that causes it: so nothing is told that did not happen, and
 * nothing that happened is forgotten, whenever a node dies. {@code store.hooks} sends it.
 */
@Component
public class Outbox {

    private final JdbcTemplate sql;
    private final JsonMapper mapper;
    private final Clock clock;

    Outbox(JdbcTemplate sql, JsonMapper mapper, Clock clock) {
        this.sql = sql;
        this.mapper = mapper;
        this.clock = clock;
    }

    /** Something that has happened. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void put(String type, Map<String, ?> data) {
        put(type, data, clock.instant());
    }

    /** Something that will happen, unless it is taken back until then: whoever sends it asks. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void put(String type, Map<String, ?> data, Instant due) {
        sql.update(
                "insert into outbox (type, data, made_at, due_at) values (?, ?, ?, ?)",
                type,
                mapper.writeValueAsString(data),
                UtcColumns.utc(clock.instant()),
                UtcColumns.utc(due));
    }
}
