package dev.steelyard.web.base.database;

import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Duration;
import java.time.Instant;

/** How the private server is reached, and the waiting until it can be. */
final class MariaDbConnection {

    static final String USER = "steelyard";
    private static final Duration UP_WITHIN = Duration.ofSeconds(90);
    private static final long LOOK_EVERY_MILLIS = 50;

    private MariaDbConnection() {}

    static String url(int port) {
        return "jdbc:mariadb://127.0.0.1:" + port
                + "/steelyard?sslMode=disable&timezone=UTC&useBulkStmts=true&allowLocalInfile=true";
    }

    /** Run by the server itself at each start, before it listens. One statement a line, as init files must be. */
    static String initStatements(String password) {
        return """
                create database if not exists steelyard character set utf8mb4 collate utf8mb4_uca1400_ai_ci;
                create or replace user steelyard@'127.0.0.1' identified by '%s';
                grant all on steelyard.* to steelyard@'127.0.0.1';
                """
                .formatted(password);
    }

    static void awaitAnswer(Process server, int port, String password, MariaDbFolder folder) {
        Instant latest = Instant.now().plus(UP_WITHIN);
        while (true) {
            try {
                DriverManager.getConnection(url(port), USER, password).close();
                return;
            } catch (SQLException notYet) {
                if (!server.isAlive() || Instant.now().isAfter(latest)) {
                    throw new IllegalStateException("The database did not come up. " + folder.endOfLog(), notYet);
                }
            }
            pause();
        }
    }

    private static void pause() {
        try {
            Thread.sleep(LOOK_EVERY_MILLIS);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("Stopped while the database came up", interrupted);
        }
    }
}
