package dev.steelyard.web.shop.nodes;

import dev.steelyard.web.base.database.UtcColumns;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.env.Environment;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.CannotCreateTransactionException;

/** Tells every few seconds that this node is there, and knows those that are. */
@Service
class NodesTold {

    private static final Logger log = LoggerFactory.getLogger(NodesTold.class);
    private static final String THERE = "concat(@@hostname, ':', @@port)";

    private final JdbcTemplate sql;
    private final Books books;
    private final Environment environment;
    private final Clock clock;
    private final String version;

    NodesTold(
            JdbcTemplate sql,
            Books books,
            Environment environment,
            Clock clock,
            @Value("${steelyard.version:unbuilt}") String version) {
        this.sql = sql;
        this.books = books;
        this.environment = environment;
        this.clock = clock;
        this.version = version;
    }

    /** This one's machine and port. */
    String own() {
        String port = environment.getProperty("local.server.port", "");
        try {
            return InetAddress.getLocalHost().getHostName() + ":" + port;
        } catch (UnknownHostException nameless) {
            return "127.0.0.1:" + port;
        }
    }

    @Scheduled(fixedDelayString = "5s", initialDelayString = "2s")
    void beat() {
        try {
            tell();
            sql.update("delete from node where seen_at < utc_timestamp(6) - interval 1 day");
        } catch (DataAccessException | CannotCreateTransactionException away) {
            log.debug("This node cannot tell that it is there: {}", away.getMessage());
        }
    }

    private void tell() {
        Instant theirs = Objects.requireNonNull(
                sql.queryForObject("select utc_timestamp(6) t", (row, n) -> UtcColumns.in(row, "t")));
        BookInForce book = books.held();
        sql.update(
                "insert into node (id, version, revision, started_at, seen_at, stored_at, clock_ahead) values (?, ?, ?,"
                        + " utc_timestamp(6), utc_timestamp(6), " + THERE
                        + ", ?) on duplicate key update version = value(version),"
                        + " revision = value(revision), seen_at = value(seen_at), stored_at = value(stored_at),"
                        + " clock_ahead = value(clock_ahead)",
                own(),
                version,
                book == null ? null : book.revision(),
                Duration.between(theirs, clock.instant()).toMillis());
    }

    /** All of the last day, those that are there first. */
    List<NodeSeen> all() {
        return sql.query(
                "select n.*, utc_timestamp(6) now_there from node n order by seen_at < utc_timestamp(6) - interval 20 second, id",
                (row, n) -> new NodeSeen(
                        row.getString("id"),
                        row.getString("version"),
                        (Long) row.getObject("revision"),
                        UtcColumns.in(row, "started_at"),
                        Duration.between(UtcColumns.in(row, "seen_at"), UtcColumns.in(row, "now_there")),
                        row.getString("stored_at"),
                        Duration.ofMillis(row.getLong("clock_ahead"))));
    }
}
