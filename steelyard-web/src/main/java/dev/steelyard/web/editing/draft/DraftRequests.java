package dev.steelyard.web.editing.draft;

import dev.steelyard.web.base.database.UtcColumns;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Who asked for a draft to be put live. A draft that was changed since is asked for anew. */
@Repository
public class DraftRequests {

    private static final String ALL =
            "select r.draft_id, d.kind, d.name, r.asked_by, r.asked_at, r.why from draft_request r join draft d on d.id ="
                    + " r.draft_id where r.version = d.number and d.removed_at is null";

    private final JdbcTemplate sql;
    private final Clock clock;

    DraftRequests(JdbcTemplate sql, Clock clock) {
        this.sql = sql;
        this.clock = clock;
    }

    /** One of them. */
    public record Request(long draft, DraftKind kind, String name, String by, Instant at, String why) {}

    /** Asks for a version of a draft; who asks later asks in their place. */
    @Transactional
    public void ask(long draft, long version, String by, String why) {
        sql.update(
                "replace into draft_request (draft_id, version, asked_by, asked_at, why) values (?, ?, ?, ?, ?)",
                draft,
                version,
                by,
                UtcColumns.utc(clock.instant()),
                why);
    }

    @Transactional
    public void forget(long draft) {
        sql.update("delete from draft_request where draft_id = ?", draft);
    }

    @Transactional(readOnly = true)
    public Optional<Request> of(long draft) {
        return read(" and r.draft_id = " + draft).stream().findFirst();
    }

    /** All that wait, the oldest first. */
    @Transactional(readOnly = true)
    public List<Request> all() {
        return read(" order by r.asked_at");
    }

    private List<Request> read(String rest) {
        return sql.query(
                ALL + rest,
                (row, n) -> new Request(
                        row.getLong(1),
                        DraftKind.valueOf(row.getString(2)),
                        row.getString(3),
                        row.getString(4),
                        UtcColumns.in(row, 5),
                        row.getString(6)));
    }
}
