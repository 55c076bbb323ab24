package dev.steelyard.web.store.keys;

import dev.steelyard.web.base.database.RowIds;
import dev.steelyard.web.base.database.UtcColumns;
import dev.steelyard.web.base.page.Fingerprint;
import dev.steelyard.web.shop.history.Change;
import dev.steelyard.web.shop.history.ChangeSubject;
import dev.steelyard.web.shop.history.Changes;
import dev.steelyard.web.shop.history.What;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * The keys there are. Those that are good are held in memory, so that no call asks the database for its key; what another
 * node made or took back counts here within two seconds.
 */
@Service
public class Keys {

    private static final Logger log = LoggerFactory.getLogger(Keys.class);
    private static final int SHOWN_OF_KEY = 6;
    private static final int MOST = 500;
    private static final String SECRET = "steelyard_customers_";

    private final JdbcTemplate sql;
    private final TransactionTemplate transaction;
    private final Changes changes;
    private final RowIds ids;
    private final Clock clock;
    private final Map<Long, Instant> used = new ConcurrentHashMap<>();
    private volatile @Nullable Map<String, StoreKey> held;

    Keys(JdbcTemplate sql, TransactionTemplate transaction, Changes changes, RowIds ids, Clock clock) {
        this.sql = sql;
        this.transaction = transaction;
        this.changes = changes;
        this.ids = ids;
        this.clock = clock;
    }

    /**
     * A new key, to be shown once.
     *
     * @param text the key itself
     * @param customerSecret by which the store signs who a shopper is; none for page keys
     */
    public record Made(StoreKey key, String text, @Nullable String customerSecret) {}

    /** Makes a key. @return none where there are as many as there may be */
    public Optional<Made> make(KeyKind kind, KeyWish wish, String by) {
        String text = KeyText.random(kind.prefix());
        String secret = kind == KeyKind.SERVER ? KeyText.random(SECRET) : null;
        String begins = text.substring(0, kind.prefix().length() + SHOWN_OF_KEY);
        long id = ids.next();
        boolean made = Boolean.TRUE.equals(transaction.execute(status -> {
            if (all().size() >= MOST) {
                return false;
            }
            sql.update(
                    "insert into store_key (id, kind, name, begins, hash, customer_secret, rights, origins, per_second, burst,"
                            + " until, made_by, made_at) values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)",
                    id,
                    kind.name(),
                    wish.name(),
                    begins,
                    Fingerprint.of(text),
                    secret,
                    KeyRight.write(wish.rights()),
                    String.join("\n", wish.origins()),
                    wish.perSecond(),
                    wish.burst(),
                    wish.until(),
                    by,
                    now());
            keep(kind.code() + " key " + wish.name(), What.MADE, Map.of(), words(wish), by);
            return true;
        }));
        load();
        return made ? find(id).map(key -> new Made(key, text, secret)) : Optional.empty();
    }

    /** Changes what a key may; the key stays the same. */
    public void change(long id, KeyWish wish, String by) {
        transaction.executeWithoutResult(status -> {
            StoreKey key = find(id).filter(one -> !one.isTakenBack()).orElse(null);
            if (key == null || words(key).equals(words(wish))) {
                return;
            }
            sql.update(
                    "update store_key set name = ?, rights = ?, origins = ?, per_second = ?, burst = ?, until = ? where id = ?",
                    wish.name(),
                    KeyRight.write(wish.rights()),
                    String.join("\n", wish.origins()),
                    wish.perSecond(),
                    wish.burst(),
                    wish.until(),
                    id);
            keep(key.called(), What.SHOP, words(key), words(wish), by);
        });
        load();
    }

    /** Ends a key for good: at once here, within two seconds on other nodes. */
    public void takeBack(long id, String by) {
        transaction.executeWithoutResult(status -> {
            int done = sql.update(
                    "update store_key set taken_back_at = ?, taken_back_by = ? where id = ? and taken_back_at is null",
                    now(),
                    by,
                    id);
            if (done == 1) {
                find(id).ifPresent(key -> keep(key.called(), What.REMOVED, words(key), Map.of(), by));
            }
        });
        load();
    }

    /** All, those that are good first, then by name. */
    public List<StoreKey> all() {
        return sql.query("select * from store_key order by taken_back_at is not null, name, id", Keys::read);
    }

    public Optional<StoreKey> find(long id) {
        return sql.query("select * from store_key where id = ?", Keys::read, id).stream()
                .findFirst();
    }

    /** The key of a text, be it taken back or over; none where no key ever was that text. Asks no database. */
    public Optional<StoreKey> find(String text) {
        return Optional.ofNullable(held().get(Fingerprint.of(text)));
    }

    /** Those that may be used now. Asks no database. */
    public List<StoreKey> good(LocalDate today) {
        return held().values().stream()
                .filter(key -> !key.isTakenBack() && !key.isOver(today))
                .toList();
    }

    /** Notes that a key was used; written down every few seconds. */
    public void used(StoreKey key) {
        used.put(key.id(), clock.instant());
    }

    private Map<String, StoreKey> held() {
        Map<String, StoreKey> now = held;
        return now != null ? now : load();
    }

    private synchronized Map<String, StoreKey> load() {
        Map<String, StoreKey> now =
                sql
                        .query("select * from store_key", (row, n) -> Map.entry(row.getString("hash"), read(row, n)))
                        .stream()
                        .collect(Collectors.toUnmodifiableMap(Map.Entry::getKey, Map.Entry::getValue));
        held = now;
        return now;
    }

    /** Brings what other nodes did, and says when keys were last used. */
    @Scheduled(fixedDelayString = "2s")
    public void follow() {
        if (held == null) {
            return;
        }
        try {
            for (Map.Entry<Long, Instant> one : Map.copyOf(used).entrySet()) {
                sql.update(
                        "update store_key set used_at = ? where id = ? and (used_at is null or used_at < ?)",
                        UtcColumns.utc(one.getValue()),
                        one.getKey(),
                        UtcColumns.utc(one.getValue()));
                used.remove(one.getKey(), one.getValue());
            }
            load();
        } catch (DataAccessException | CannotCreateTransactionException away) {
            log.warn("Keys could not be looked up; those that were good stay: {}", away.getMessage());
        }
    }

    private static StoreKey read(ResultSet row, int number) throws SQLException {
        return new StoreKey(
                row.getLong("id"),
                KeyKind.valueOf(row.getString("kind")),
                row.getString("name"),
                row.getString("begins"),
                row.getString("customer_secret"),
                KeyRight.read(row.getString("rights")),
                Arrays.stream(row.getString("origins").split("\n"))
                        .filter(one -> !one.isEmpty())
                        .toList(),
                row.getInt("per_second"),
                row.getInt("burst"),
                row.getObject("until", LocalDate.class),
                row.getString("made_by"),
                UtcColumns.in(row, "made_at"),
                UtcColumns.orNone(row, "used_at"),
                row.getString("taken_back_by"),
                UtcColumns.orNone(row, "taken_back_at"));
    }

    private void keep(String name, What what, Map<String, String> before, Map<String, String> after, String by) {
        changes.keep(new Change(ChangeSubject.KEYS, 0, name, what, "", before, after), by);
    }

    private static Map<String, String> words(StoreKey key) {
        return words(new KeyWish(key.name(), key.rights(), key.origins(), key.perSecond(), key.burst(), key.until()));
    }

    private static Map<String, String> words(KeyWish wish) {
        Map<String, String> words = new LinkedHashMap<>();
        words.put("name", wish.name());
        words.put("may", wish.rights().stream().sorted().map(KeyRight::code).collect(Collectors.joining(", ")));
        if (!wish.origins().isEmpty()) {
            words.put("pages", String.join(" ", wish.origins()));
        }
        words.put("calls a second", wish.perSecond() + ", " + wish.burst() + " at once");
        words.put("until", wish.until() == null ? "no end" : wish.until().toString());
        return words;
    }

    private LocalDateTime now() {
        return UtcColumns.utc(clock.instant());
    }
}
