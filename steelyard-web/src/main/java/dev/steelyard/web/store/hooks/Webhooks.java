package dev.steelyard.web.store.hooks;

import dev.steelyard.web.base.database.RowIds;
import dev.steelyard.web.base.database.UtcColumns;
import dev.steelyard.web.shop.history.Change;
import dev.steelyard.web.shop.history.ChangeSubject;
import dev.steelyard.web.shop.history.Changes;
import dev.steelyard.web.shop.history.What;
import java.security.SecureRandom;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.util.Base64;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** The addresses there are. */
@Repository
class Webhooks {

    /** Before the secret, as the Standard Webhooks specification has it. */
    static final String SECRET = "whsec_";

    private static final int SECRET_BYTES = 32;

    private final JdbcTemplate sql;
    private final RowIds ids;
    private final Changes changes;
    private final Clock clock;

    Webhooks(JdbcTemplate sql, RowIds ids, Changes changes, Clock clock) {
        this.sql = sql;
        this.ids = ids;
        this.changes = changes;
        this.clock = clock;
    }

    /** Those that were not taken away, by address. */
    @Transactional(readOnly = true)
    public List<Webhook> all() {
        return sql.query("select * from webhook where removed_at is null order by address, id", Webhooks::read);
    }

    @Transactional(readOnly = true)
    public Optional<Webhook> find(long id) {
        return sql.query("select * from webhook where id = ? and removed_at is null", Webhooks::read, id).stream()
                .findFirst();
    }

    /** @return with its secret, which is shown once */
    @Transactional
    public Webhook make(String address, Set<HookEvent> events, String by) {
        byte[] bytes = new byte[SECRET_BYTES];
        new SecureRandom().nextBytes(bytes);
        long id = ids.next();
        sql.update(
                "insert into webhook (id, address, secret, events, made_by, made_at) values (?, ?, ?, ?, ?, ?)",
                id,
                address,
                SECRET + Base64.getEncoder().encodeToString(bytes),
                HookEvent.write(events),
                by,
                UtcColumns.utc(clock.instant()));
        keep(address, What.MADE, Map.of(), words(address, events), by);
        return find(id).orElseThrow();
    }

    @Transactional
    public void change(Webhook hook, String address, Set<HookEvent> events, String by) {
        Map<String, String> before = words(hook.address(), hook.events());
        Map<String, String> after = words(address, events);
        if (!before.equals(after)) {
            sql.update(
                    "update webhook set address = ?, events = ? where id = ?",
                    address,
                    HookEvent.write(events),
                    hook.id());
            keep(address, What.SHOP, before, after, by);
        }
    }

    @Transactional
    public void remove(Webhook hook, String by) {
        sql.update("update webhook set removed_at = ? where id = ?", UtcColumns.utc(clock.instant()), hook.id());
        sql.update("update webhook_delivery set state = 'LEFT' where webhook_id = ? and state = 'WAITING'", hook.id());
        keep(hook.address(), What.REMOVED, words(hook.address(), hook.events()), Map.of(), by);
    }

    /** Lets an address be told again; what waited is tried at once. */
    @Transactional
    public void resume(Webhook hook, String by) {
        sql.update(
                "update webhook set paused_at = null, paused_why = '', failing_since = null where id = ?", hook.id());
        sql.update(
                "update webhook_delivery set next_at = ? where webhook_id = ? and state = 'WAITING'",
                UtcColumns.utc(clock.instant()),
                hook.id());
        keep(hook.address(), What.RESUMED, Map.of(), Map.of(), by);
    }

    @Transactional
    public void pause(Webhook hook, String why, String by) {
        sql.update(
                "update webhook set paused_at = ?, paused_why = ? where id = ? and paused_at is null",
                UtcColumns.utc(clock.instant()),
                why,
                hook.id());
        keep(hook.address(), What.PAUSED, Map.of(), Map.of("why", why), by);
    }

    private void keep(String name, What what, Map<String, String> before, Map<String, String> after, String by) {
        changes.keep(new Change(ChangeSubject.HOOKS, 0, name, what, "", before, after), by);
    }

    private static Map<String, String> words(String address, Set<HookEvent> events) {
        Map<String, String> words = new LinkedHashMap<>();
        words.put("address", address);
        words.put("told", HookEvent.write(events).replace(",", ", "));
        return words;
    }

    private static Webhook read(ResultSet row, int number) throws SQLException {
        return new Webhook(
                row.getLong("id"),
                row.getString("address"),
                row.getString("secret"),
                HookEvent.read(row.getString("events")),
                row.getString("made_by"),
                UtcColumns.in(row, "made_at"),
                UtcColumns.orNone(row, "failing_since"),
                UtcColumns.orNone(row, "paused_at"),
                row.getString("paused_why"));
    }
}
