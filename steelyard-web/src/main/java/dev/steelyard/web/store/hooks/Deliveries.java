package dev.steelyard.web.store.hooks;

import dev.steelyard.web.base.database.UtcColumns;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Semaphore;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Sends what waits, one node at a time for each delivery, and tries again with growing pauses for three days. A delivery is
 * claimed before it is sent, for several times as long as that may take; a node that dies meanwhile lets it be sent twice, with the
 * same id.
 */
@Component
class Deliveries implements DisposableBean {

    static final Duration TRIED_FOR = Duration.ofDays(3);
    private static final Logger log = LoggerFactory.getLogger(Deliveries.class);
    private static final int CLAIMED_PATIENCES = 6;
    private static final Duration KEPT = Duration.ofDays(30);
    private static final int AT_ONCE = 4;
    private static final String PAUSED = "nothing got through for three days";
    private static final String BY = "Steelyard";
    private static final List<Duration> PAUSES = List.of(
            Duration.ofSeconds(5),
            Duration.ofSeconds(30),
            Duration.ofMinutes(2),
            Duration.ofMinutes(10),
            Duration.ofMinutes(30),
            Duration.ofHours(1),
            Duration.ofHours(3),
            Duration.ofHours(6),
            Duration.ofHours(12));

    private final JdbcTemplate sql;
    private final TransactionTemplate transaction;
    private final HookSender sender;
    private final Webhooks hooks;
    private final Clock clock;
    // one address that hangs holds up its own messages, not those of others
    private final Set<Long> busy = ConcurrentHashMap.newKeySet();
    private final ExecutorService threads = Executors.newFixedThreadPool(AT_ONCE, work -> {
        Thread thread = new Thread(work, "webhooks");
        thread.setDaemon(true);
        return thread;
    });
    private final Semaphore room = new Semaphore(AT_ONCE);

    Deliveries(JdbcTemplate sql, TransactionTemplate transaction, HookSender sender, Webhooks hooks, Clock clock) {
        this.sql = sql;
        this.transaction = transaction;
        this.sender = sender;
        this.hooks = hooks;
        this.clock = clock;
    }

    private record Due(
            long id,
            long hook,
            String address,
            String secret,
            String message,
            String body,
            int tries,
            Instant madeAt) {}

    /** Sends all that is due. */
    @Scheduled(fixedDelayString = "1s", initialDelayString = "3s")
    void look() {
        try {
            while (room.tryAcquire()) {
                Due due = claim();
                if (due == null) {
                    room.release();
                    return;
                }
                threads.execute(() -> sendOnFrom(due));
            }
        } catch (DataAccessException | CannotCreateTransactionException away) {
            room.release();
            log.warn("Nothing can be sent just now: {}", away.getMessage());
        }
    }

    private void sendOnFrom(Due first) {
        try {
            for (Due due = first; due != null; due = claim()) {
                try {
                    send(due);
                } finally {
                    busy.remove(due.hook());
                }
            }
        } catch (DataAccessException | CannotCreateTransactionException away) {
            log.warn("Nothing more can be sent just now: {}", away.getMessage());
        } finally {
            room.release();
        }
    }

    /** The next delivery to an address that nothing is being sent to. */
    private synchronized @Nullable Due claim() {
        Due due = transaction.execute(status -> due());
        if (due != null) {
            busy.add(due.hook());
        }
        return due;
    }

    /** Holds one row of the deliveries only: whoever changes an address does not wait for it. */
    private @Nullable Due due() {
        List<Long> told =
                sql.queryForList("select id from webhook where paused_at is null and removed_at is null", Long.class);
        told.removeAll(busy);
        if (told.isEmpty()) {
            return null;
        }
        List<Object> values = new ArrayList<>();
        values.add(UtcColumns.utc(clock.instant()));
        values.addAll(told);
        List<Long> due = sql.queryForList(
                "select id from webhook_delivery where state = 'WAITING' and next_at <= ? and webhook_id in ("
                        + String.join(",", Collections.nCopies(told.size(), "?"))
                        + ") order by next_at, id limit 1 for update skip locked",
                Long.class,
                values.toArray());
        if (due.isEmpty()) {
            return null;
        }
        sql.update(
                "update webhook_delivery set next_at = ? where id = ?",
                UtcColumns.utc(clock.instant().plus(sender.patience().multipliedBy(CLAIMED_PATIENCES))),
                due.get(0));
        return read(due.get(0));
    }

    private Due read(long id) {
        return Objects.requireNonNull(sql.queryForObject(
                "select d.id, h.id hook, h.address, h.secret, m.id message, m.body, d.tries, m.made_at from webhook_delivery d"
                        + " join webhook h on h.id = d.webhook_id join webhook_message m on m.id = d.message_id where d.id = ?",
                (row, n) -> new Due(
                        row.getLong(1),
                        row.getLong(2),
                        row.getString(3),
                        row.getString(4),
                        row.getString(5),
                        row.getString(6),
                        row.getInt(7),
                        UtcColumns.in(row, "made_at")),
                id));
    }

    private void send(Due due) {
        HookSender.Outcome outcome = sender.send(due.address(), due.secret(), due.message(), due.body());
        try {
            transaction.executeWithoutResult(status -> note(due, outcome));
        } catch (DataAccessException | CannotCreateTransactionException away) {
            log.warn(
                    "What became of a delivery could not be written down; it will be sent again: {}",
                    away.getMessage());
        }
    }

    private void note(Due due, HookSender.Outcome outcome) {
        Instant now = clock.instant();
        int tries = due.tries() + 1;
        Duration pause = PAUSES.get(Math.min(due.tries(), PAUSES.size() - 1));
        boolean over = now.plus(pause).isAfter(due.madeAt().plus(TRIED_FOR));
        String state = outcome.taken() ? "TAKEN" : over ? "LEFT" : "WAITING";
        sql.update(
                "update webhook_delivery set state = ?, tries = ?, next_at = ?, tried_at = ?, status = ?, answer = ? where id = ?",
                state,
                tries,
                UtcColumns.utc(now.plus(pause)),
                UtcColumns.utc(now),
                outcome.status() == 0 ? null : outcome.status(),
                outcome.answer().substring(0, Math.min(outcome.answer().length(), 500)),
                due.id());
        if (outcome.taken()) {
            sql.update("update webhook set failing_since = null where id = ?", due.hook());
            return;
        }
        sql.update(
                "update webhook set failing_since = ? where id = ? and failing_since is null",
                UtcColumns.utc(now),
                due.hook());
        hooks.find(due.hook())
                .filter(hook -> hook.pausedAt() == null
                        && hook.failingSince() != null
                        && hook.failingSince().plus(TRIED_FOR).isBefore(now))
                .ifPresent(hook -> hooks.pause(hook, PAUSED, BY));
    }

    /**
     * A delivery as the owner's page shows it.
     *
     * @param status of the last answer; none where there was none
     */
    record Sent(
            long id,
            String address,
            String type,
            String message,
            String body,
            Instant madeAt,
            String state,
            int tries,
            @Nullable Instant triedAt,
            @Nullable Integer status,
            String answer,
            Instant nextAt) {}

    /** The latest, the newest first. */
    List<Sent> latest(int most) {
        return sql.query(
                "select d.id, h.address, m.type, m.id message, m.body, m.made_at, d.state, d.tries, d.tried_at, d.status, d.answer,"
                        + " d.next_at from webhook_delivery d join webhook h on h.id = d.webhook_id join webhook_message m on m.id ="
                        + " d.message_id order by m.made_at desc, d.id desc limit " + most,
                (row, n) -> new Sent(
                        row.getLong("id"),
                        row.getString("address"),
                        row.getString("type"),
                        row.getString("message"),
                        row.getString("body"),
                        UtcColumns.in(row, "made_at"),
                        row.getString("state"),
                        row.getInt("tries"),
                        UtcColumns.orNone(row, "tried_at"),
                        (Integer) row.getObject("status"),
                        row.getString("answer"),
                        UtcColumns.in(row, "next_at")));
    }

    /** Sends one again, at once. @return none where there is no such delivery */
    Optional<Long> again(long id) {
        int done = sql.update(
                "update webhook_delivery d join webhook h on h.id = d.webhook_id set d.state = 'WAITING', d.next_at = ? where d.id = ?"
                        + " and h.removed_at is null",
                UtcColumns.utc(clock.instant()),
                id);
        return done == 0 ? Optional.empty() : Optional.of(id);
    }

    /** Forgets messages that are long past. */
    @Scheduled(fixedDelayString = "1h")
    void forget() {
        sql.update(
                "delete from webhook_message where made_at < ?",
                UtcColumns.utc(clock.instant().minus(KEPT)));
    }

    @Override
    public void destroy() {
        threads.shutdownNow();
    }
}
