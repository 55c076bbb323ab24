package dev.steelyard.web.sold.replay;

import dev.steelyard.web.base.database.RowIds;
import dev.steelyard.web.base.database.UtcColumns;
import dev.steelyard.web.sold.replay.ReplayRun.State;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Keeps replays. One without a beat was left by a process that ended, and is said to have failed. */
@Repository
class ReplayRuns {

    private static final int KEPT = 10;
    private static final int LONGEST_PROBLEM = 500;
    private static final int LEFT_AFTER_SECONDS = 30;

    private final JdbcTemplate sql;
    private final JsonMapper mapper;
    private final RowIds ids;
    private final Clock clock;

    ReplayRuns(JdbcTemplate sql, JsonMapper mapper, RowIds ids, Clock clock) {
        this.sql = sql;
        this.mapper = mapper;
        this.ids = ids;
        this.clock = clock;
    }

    /** Begins one; of those of the same draft the oldest are thrown away. */
    long begin(String kind, long subject, long number, Map<String, String> asked, int total, String by) {
        long id = ids.next();
        var now = UtcColumns.utc(clock.instant());
        sql.update(
                "insert into replay_run (id, kind, subject_id, number, asked, state, done, total, made_at, made_by, beat_at,"
                        + " problem) values (?, ?, ?, ?, ?, 'RUNNING', 0, ?, ?, ?, utc_timestamp(6), '')",
                id,
                kind,
                subject,
                number,
                mapper.writeValueAsString(asked),
                total,
                now,
                by);
        List<Long> all = sql.queryForList(
                "select id from replay_run where kind = ? and subject_id = ? order by made_at desc, id desc",
                Long.class,
                kind,
                subject);
        all.stream().skip(KEPT).forEach(old -> sql.update("delete from replay_run where id = ?", old));
        return id;
    }

    /** @return whether it still runs */
    boolean told(long id, int done) {
        return sql.update(
                        "update replay_run set done = ?, beat_at = utc_timestamp(6) where id = ? and state = 'RUNNING'",
                        done,
                        id)
                > 0;
    }

    void done(long id, int total, List<ReplayResult> results) {
        sql.update(
                "update replay_run set state = 'DONE', done = ?, result = ? where id = ? and state = 'RUNNING'",
                total,
                mapper.writeValueAsString(results),
                id);
    }

    void ended(long id, State state, String problem) {
        sql.update(
                "update replay_run set state = ?, problem = ? where id = ? and state = 'RUNNING'",
                state.name(),
                problem.substring(0, Math.min(problem.length(), LONGEST_PROBLEM)),
                id);
    }

    Optional<ReplayRun> find(long id) {
        giveUpLeft();
        return sql.query("select * from replay_run where id = ?", (row, at) -> run(row, true), id).stream()
                .findFirst();
    }

    /** Those of a draft, the latest first, without what came of them. */
    List<ReplayRun> of(String kind, long subject) {
        giveUpLeft();
        return sql.query(
                "select * from replay_run where kind = ? and subject_id = ? order by made_at desc, id desc",
                (row, at) -> run(row, false),
                kind,
                subject);
    }

    private void giveUpLeft() {
        sql.update(
                "update replay_run set state = 'FAILED', problem = 'It was left by a process that ended; ask once more.'"
                        + " where state = 'RUNNING' and beat_at < utc_timestamp(6) - interval " + LEFT_AFTER_SECONDS
                        + " second");
    }

    private ReplayRun run(ResultSet row, boolean whole) throws SQLException {
        String result = whole ? row.getString("result") : null;
        return new ReplayRun(
                row.getLong("id"),
                row.getString("kind"),
                row.getLong("subject_id"),
                row.getLong("number"),
                mapper.readValue(row.getString("asked"), new TypeReference<>() {}),
                State.valueOf(row.getString("state")),
                row.getInt("done"),
                row.getInt("total"),
                UtcColumns.in(row, "made_at"),
                row.getString("made_by"),
                row.getString("problem"),
                result == null ? List.of() : mapper.readValue(result, new TypeReference<>() {}));
    }
}
