package dev.steelyard.web.database;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

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

    private static void awaitOther(PrivateMariaDb database, long killed) throws InterruptedException {
        Instant latest = Instant.now().plus(Duration.ofSeconds(60));
        while (database.pid() == killed && Instant.now().isBefore(latest)) {
            Thread.sleep(50);
        }
        assertThat(database.pid()).isNotEqualTo(killed);
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
