package dev.steelyard.web.store.hooks;

import dev.steelyard.web.base.database.RowIds;
import dev.steelyard.web.base.database.UtcColumns;
import dev.steelyard.web.editing.draft.Releases;
import dev.steelyard.web.store.keys.KeyText;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Makes messages of what stands in the outbox, one delivery for each address that wants it. A row of the outbox and its
 * deliveries are exchanged in one transaction, so that a node that dies loses nothing and doubles nothing.
 */
@Component
class Distribution {

    private static final Logger log = LoggerFactory.getLogger(Distribution.class);
    private static final int AT_A_TIME = 50;

    private final JdbcTemplate sql;
    private final TransactionTemplate transaction;
    private final Webhooks hooks;
    private final PriceChanges prices;
    private final Releases releases;
    private final RowIds ids;
    private final JsonMapper mapper;
    private final Clock clock;

    Distribution(
            JdbcTemplate sql,
            TransactionTemplate transaction,
            Webhooks hooks,
            PriceChanges prices,
            Releases releases,
            RowIds ids,
            JsonMapper mapper,
            Clock clock) {
        this.sql = sql;
        this.transaction = transaction;
        this.hooks = hooks;
        this.prices = prices;
        this.releases = releases;
        this.ids = ids;
        this.mapper = mapper;
        this.clock = clock;
    }

    private record Row(long id, String type, JsonNode data) {}

    /** Looks whether anything is due; of several nodes each takes other rows. */
    @Scheduled(fixedDelayString = "1s", initialDelayString = "3s")
    void look() {
        try {
            while (Boolean.TRUE.equals(transaction.execute(status -> some()))) {
                log.trace("There may be more to be told");
            }
        } catch (DataAccessException | CannotCreateTransactionException away) {
            log.warn("Nobody can be told anything just now: {}", away.getMessage());
        }
    }

    /** @return whether there may be more */
    private boolean some() {
        List<Row> rows = sql.query(
                "select id, type, data from outbox where due_at <= ? order by id limit " + AT_A_TIME
                        + " for update skip locked",
                (row, n) -> new Row(row.getLong(1), row.getString(2), mapper.readTree(row.getString(3))),
                UtcColumns.utc(clock.instant()));
        List<Webhook> all = rows.isEmpty() ? List.of() : hooks.all();
        for (Row row : rows) {
            if (row.type().equals(Releases.BEGINS)) {
                releases.begun(row.data().path("release").asLong());
            } else {
                HookEvent.of(row.type()).ifPresent(event -> tell(event, row, all));
            }
            sql.update("delete from outbox where id = ?", row.id());
        }
        return rows.size() == AT_A_TIME;
    }

    private void tell(HookEvent event, Row row, List<Webhook> all) {
        List<Webhook> wanting =
                all.stream().filter(hook -> hook.events().contains(event)).toList();
        if (!wanting.isEmpty()) {
            JsonNode data = event == HookEvent.PRICES_CHANGED ? changed(row.data()) : row.data();
            String message = message(event.code(), data);
            wanting.forEach(hook -> deliver(hook.id(), message));
        }
    }

    /** At least the goods that this revision changed; those of later ones are told twice. */
    private JsonNode changed(JsonNode data) {
        long revision = data.path("revision").asLong();
        PriceChanges.Since since = prices.since(revision - 1);
        Map<String, Object> told = new LinkedHashMap<>();
        told.put("revision", revision);
        told.put("many", since.many());
        told.put("skus", since.skus());
        return mapper.valueToTree(told);
    }

    /** Keeps a message in the caller's transaction. @return its id, the same whenever it is sent */
    String message(String type, JsonNode data) {
        Instant now = clock.instant().truncatedTo(ChronoUnit.MILLIS);
        String id = KeyText.random("msg_");
        Map<String, Object> body = new LinkedHashMap<>();
        body.put("type", type);
        body.put("timestamp", now.toString());
        body.put("data", data);
        sql.update(
                "insert into webhook_message (id, type, body, made_at) values (?, ?, ?, ?)",
                id,
                type,
                mapper.writeValueAsString(body),
                UtcColumns.utc(now));
        return id;
    }

    void deliver(long hook, String message) {
        sql.update(
                "insert into webhook_delivery (id, webhook_id, message_id, state, tries, next_at) values (?, ?, ?, 'WAITING', 0, ?)",
                ids.next(),
                hook,
                message,
                UtcColumns.utc(clock.instant()));
    }

    /** Sends an address a word of greeting, so that its owner sees whether it arrives. */
    void ping(Webhook hook) {
        transaction.executeWithoutResult(status ->
                deliver(hook.id(), message("ping", mapper.valueToTree(Map.of("greeting", "Steelyard says hello")))));
    }
}
