package dev.steelyard.web.shop.people;

import dev.steelyard.web.base.database.RowIds;
import dev.steelyard.web.base.database.UtcColumns;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Set;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Where each person is signed in: begun by the first request, ended from elsewhere too. */
@Repository
class Sessions {

    private static final int LONGEST_BROWSER = 200;
    private static final int LONGEST_ADDRESS = 60;

    /** A browser that asked for nothing so long is signed out by its session. */
    private static final Duration SILENT = Duration.ofMinutes(30);

    private final JdbcTemplate sql;
    private final RowIds ids;
    private final Clock clock;

    Sessions(JdbcTemplate sql, RowIds ids, Clock clock) {
        this.sql = sql;
        this.ids = ids;
        this.clock = clock;
    }

    /** One of them. */
    record Session(long id, Instant begun, Instant seen, String address, String browser) {}

    private LocalDateTime now() {
        return UtcColumns.utc(clock.instant());
    }

    /** @return its number */
    @Transactional
    public long begin(StaffMember who, String address, String browser) {
        long id = ids.next();
        sql.update("delete from staff_session where staff_id = ? and seen_at < ?", who.id(), now().minus(SILENT));
        sql.update(
                "insert into staff_session (id, staff_id, begun_at, seen_at, address, browser) values (?, ?, ?, ?, ?, ?)",
                id,
                who.id(),
                now(),
                now(),
                cut(address, LONGEST_ADDRESS),
                cut(browser, LONGEST_BROWSER));
        return id;
    }

    private static String cut(String text, int most) {
        return text.length() <= most ? text : text.substring(0, most);
    }

    /** What whoever is signed in may; nothing where they were taken away, or this session was ended. */
    @Transactional(readOnly = true)
    public Set<Right> rights(StaffMember who, long session) {
        return sql
                .queryForList(
                        "select s.rights from staff s join staff_session x on x.staff_id = s.id where s.id = ? and s.epoch = ?"
                                + " and s.removed_at is null and x.id = ?",
                        String.class,
                        who.id(),
                        who.epoch(),
                        session)
                .stream()
                .findFirst()
                .map(Right::read)
                .orElse(Set.of());
    }

    @Transactional
    public void seen(long session) {
        sql.update("update staff_session set seen_at = ? where id = ?", now(), session);
    }

    /** Those that somebody has, the latest first. */
    @Transactional(readOnly = true)
    public List<Session> of(long staff) {
        return sql.query(
                "select id, begun_at, seen_at, address, browser from staff_session where staff_id = ? and seen_at >= ?"
                        + " order by seen_at desc, id desc",
                (row, n) -> new Session(
                        row.getLong(1),
                        UtcColumns.in(row, 2),
                        UtcColumns.in(row, 3),
                        row.getString(4),
                        row.getString(5)),
                staff,
                now().minus(SILENT));
    }

    /** Ends one of somebody’s own. */
    @Transactional
    public void end(long staff, long session) {
        sql.update("delete from staff_session where staff_id = ? and id = ?", staff, session);
    }
}
