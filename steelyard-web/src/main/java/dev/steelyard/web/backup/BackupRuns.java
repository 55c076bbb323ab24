package dev.steelyard.web.backup;

import dev.steelyard.web.base.database.UtcColumns;
import java.lang.management.ManagementFactory;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** The daily backups, as all nodes know of them. */
@Component
class BackupRuns {

    /** After which one that failed is tried again. */
    private static final Duration AGAIN = Duration.ofHours(1);

    /** After which a node that began one is thought dead. */
    private static final Duration GIVEN_UP = Duration.ofHours(3);

    private static final int LONGEST = 500;

    private final JdbcTemplate sql;
    private final Clock clock;
    private final String node = ManagementFactory.getRuntimeMXBean().getName();

    BackupRuns(JdbcTemplate sql, Clock clock) {
        this.sql = sql;
        this.clock = clock;
    }

    /**
     * What became of one.
     *
     * @param fault empty where it is good
     */
    record Run(LocalDate day, Instant endedAt, String file, long bytes, String fault) {}

    /** Whether this node is to make the one of a day: no other has, or does. */
    boolean claim(LocalDate day) {
        Instant now = clock.instant();
        return sql.update(
                                "insert ignore into backup_run (day, node, started_at) values (?, ?, ?)",
                                day,
                                node,
                                UtcColumns.utc(now))
                        == 1
                || sql.update(
                                "update backup_run set node = ?, started_at = ?, ended_at = null, fault = '' where day = ?"
                                        + " and (fault <> '' and started_at < ? or ended_at is null and started_at < ?)",
                                node,
                                UtcColumns.utc(now),
                                day,
                                UtcColumns.utc(now.minus(AGAIN)),
                                UtcColumns.utc(now.minus(GIVEN_UP)))
                        == 1;
    }

    void good(LocalDate day, String file, long bytes) {
        end(day, file, bytes, "");
    }

    void failed(LocalDate day, String why) {
        end(day, "", 0, why.substring(0, Math.min(why.length(), LONGEST)));
    }

    private void end(LocalDate day, String file, long bytes, String fault) {
        sql.update(
                "update backup_run set ended_at = ?, file = ?, bytes = ?, fault = ? where day = ?",
                UtcColumns.utc(clock.instant()),
                file,
                bytes,
                fault,
                day);
    }

    Optional<Run> lastGood() {
        return last("fault = ''");
    }

    /** The last one that failed, where none was good since. */
    Optional<Run> failing() {
        return last("1 = 1").filter(run -> !run.fault().isEmpty());
    }

    private Optional<Run> last(String which) {
        return sql
                .query(
                        "select * from backup_run where ended_at is not null and " + which
                                + " order by day desc limit 1",
                        (row, n) -> new Run(
                                row.getObject("day", LocalDate.class),
                                UtcColumns.in(row, "ended_at"),
                                row.getString("file"),
                                row.getLong("bytes"),
                                row.getString("fault")))
                .stream()
                .findFirst();
    }
}
