package dev.steelyard.web.base.database;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import dev.steelyard.web.testing.HandClock;
import dev.steelyard.web.testing.Launches;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

@Launches
class PrivateMariaDbTest {

    @Test
    void keepsWhatIsCommittedThroughKillsOnEitherSide(@TempDir Path home) throws Exception {
        PrivateMariaDb first = PrivateMariaDb.start(home);
        run(first, "create table kept (word varchar(20))");
        run(first, "insert into kept values ('Möwe ⚓')");

        // the server dies under a running application: it comes back by itself, on the same port
        long killed = first.pid();
        ProcessHandle.of(killed).orElseThrow().destroyForcibly();
        awaitOther(first, killed);
        assertThat(ask(first, "select word from kept")).isEqualTo("Möwe ⚓");

        first.close();

        // an application that died left its server behind: the next start takes its place
        Process leftBehind = serverWithoutApplication(home);
        try (PrivateMariaDb second = PrivateMariaDb.start(home)) {
            assertThat(leftBehind.isAlive()).isFalse();
            assertThat(ask(second, "select word from kept")).isEqualTo("Möwe ⚓");
        }
    }

    /** Ten times in one lifetime; by the clock it is handed an hour is between each two, so nothing is waited for. */
    @Test
    void comesBackHoweverOftenItIsKilled(@TempDir Path home) throws Exception {
        HandClock clock = new HandClock();
        try (PrivateMariaDb database = PrivateMariaDb.start(home, false, clock)) {
            for (int i = 0; i < 10; i++) {
                clock.forward(Duration.ofHours(1));
                long killed = database.pid();
                ProcessHandle.of(killed).orElseThrow().destroyForcibly();
                awaitOther(database, killed);
                assertThat(ask(database, "select 1")).isEqualTo("1");
            }
        }
    }

    /** A server that starts clears the temporary tables it finds, which are another's where they share a folder. */
    @Test
    void eachHasATemporaryFolderOfItsOwn(@TempDir Path one, @TempDir Path other) throws Exception {
        try (PrivateMariaDb first = PrivateMariaDb.startForgetful(one);
                PrivateMariaDb second = PrivateMariaDb.startForgetful(other)) {
            assertThat(Path.of(ask(first, "select @@tmpdir"))).startsWith(one).isDirectory();
            assertThat(Path.of(ask(second, "select @@tmpdir")))
                    .startsWith(other)
                    .isDirectory();
        }
    }

    private static Process serverWithoutApplication(Path home) throws Exception {
        MariaDbFolder folder = MariaDbFolder.in(home);
        Path initFile = folder.writeInitFile(MariaDbConnection.initStatements("left"));
        int port = PrivateMariaDb.freePort();
        try {
            Process server = folder.startServer(port, initFile, true);
            MariaDbConnection.awaitAnswer(server, port, "left", folder);
            return server;
        } finally {
            folder.delete(initFile);
        }
    }

    @Test
    void isPrivateDurableAndSpeaksEveryLanguage(@TempDir Path home) throws Exception {
        try (PrivateMariaDb database = PrivateMariaDb.start(home)) {
            assertThat(ask(database, "select @@bind_address")).isEqualTo("127.0.0.1");
            assertThat(ask(database, "select @@innodb_flush_log_at_trx_commit")).isEqualTo("1");
            assertThat(ask(database, "select @@character_set_database")).isEqualTo("utf8mb4");
            assertThat(ask(database, "select @@time_zone")).isEqualTo("+00:00");
            assertThat(database.password()).hasSize(48);
            assertThat(home.toFile().list()).noneMatch(name -> name.endsWith(".sql"));
        }
    }

    private static void awaitOther(PrivateMariaDb database, long killed) {
        await().atMost(Duration.ofMinutes(2)).until(() -> database.pid() != killed);
    }

    private static void run(PrivateMariaDb database, String sql) throws SQLException {
        try (Connection connection = connect(database);
                Statement statement = connection.createStatement()) {
            statement.execute(sql);
        }
    }

    private static String ask(PrivateMariaDb database, String sql) throws SQLException {
        try (Connection connection = connect(database);
                Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery(sql)) {
            rows.next();
            return rows.getString(1);
        }
    }

    private static Connection connect(PrivateMariaDb database) throws SQLException {
        return DriverManager.getConnection(database.jdbcUrl(), database.user(), database.password());
    }
}
