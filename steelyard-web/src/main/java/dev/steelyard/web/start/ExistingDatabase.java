package dev.steelyard.web.start;

import dev.steelyard.web.base.database.Cluster;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Whether a database that is there already can hold a shop. */
final class ExistingDatabase {

    private static final int TRIES = 30;
    private static final Duration BETWEEN = Duration.ofSeconds(2);
    private static final int OLDEST_MAJOR = 10;
    private static final int OLDEST_MINOR = 10;
    private static final Pattern VERSION = Pattern.compile("(\\d+)\\.(\\d+)\\..*MariaDB.*", Pattern.CASE_INSENSITIVE);
    private static final String VARIABLES = "sessionVariables=";

    /** Each reading of a cluster waits until the member that is asked knows what the others have committed. */
    private static final String CAUSAL = "wsrep_sync_wait=1";

    /** As it is by itself until MariaDB 11.6: who has locked a row may change it, whatever was read before. */
    private static final String LOCKED_IS_ENOUGH = "innodb_snapshot_isolation=OFF";

    private static final String STRICT =
            VARIABLES + "sql_mode='STRICT_ALL_TABLES,ERROR_FOR_DIVISION_BY_ZERO,NO_ENGINE_SUBSTITUTION'";

    private ExistingDatabase() {}

    /** The address with what Steelyard relies on, where it does not say otherwise. */
    static String completed(String url) {
        String whole = url;
        for (String option : new String[] {"timezone=UTC", "useBulkStmts=true", "allowLocalInfile=true", STRICT}) {
            String name = option.substring(0, option.indexOf('=') + 1);
            whole = whole.contains(name) ? whole : whole + (whole.contains("?") ? "&" : "?") + option;
        }
        return whole;
    }

    /** The same with what some servers are to be told beside, unless it says something of that itself. */
    static String with(String url, List<String> variables) {
        String whole = url;
        for (String one : variables) {
            int at = whole.indexOf(VARIABLES) + VARIABLES.length();
            String name = one.substring(0, one.indexOf('=') + 1);
            whole = whole.contains(name) ? whole : whole.substring(0, at) + one + "," + whole.substring(at);
        }
        return whole;
    }

    /**
     * @return what is to be said to it at each connection
     * @throws IllegalStateException in words, where it does not answer within a minute, or cannot hold a shop
     */
    static List<String> check(ShopDatabase database) {
        for (int tried = 1; ; tried++) {
            try (Connection connection = database.connect()) {
                refuse(connection, database);
                return variables(connection);
            } catch (SQLException away) {
                if (tried == TRIES || isRefusal(away)) {
                    throw new IllegalStateException(
                            "the database does not let Steelyard in (" + database.user() + " at " + database.url()
                                    + "): " + away.getMessage(),
                            away);
                }
                if (tried == 1) {
                    System.out.println(
                            "The database does not answer yet (" + away.getMessage() + "); waiting for it ...");
                }
                pause();
            }
        }
    }

    private static List<String> variables(Connection connection) throws SQLException {
        List<String> variables = new ArrayList<>();
        if (Cluster.isOne(connection)) {
            variables.add(CAUSAL);
        }
        // one that does not know it is as it is to be
        if (one(
                        connection,
                        "select count(*) from information_schema.system_variables where variable_name ="
                                + " 'INNODB_SNAPSHOT_ISOLATION'")
                .equals("1")) {
            variables.add(LOCKED_IS_ENOUGH);
        }
        return variables;
    }

    /** A wrong password does not become right by waiting. */
    private static boolean isRefusal(SQLException away) {
        String state = String.valueOf(away.getSQLState());
        return state.startsWith("28") || state.startsWith("42");
    }

    private static void refuse(Connection connection, ShopDatabase database) throws SQLException {
        String version = one(connection, "select version()");
        if (!isRecent(version)) {
            throw new IllegalStateException("the database is " + version + "; Steelyard needs MariaDB " + OLDEST_MAJOR
                    + "." + OLDEST_MINOR + " or newer");
        }
        if (one(connection, "select @@global.read_only").matches("1|ON|READ_ONLY.*")) {
            throw new IllegalStateException("the database at " + database.url()
                    + " is read-only: it may be a replica; give the address of the one that is written to");
        }
        String collation = one(connection, "select @@collation_database");
        if (!collation.startsWith("utf8mb4")) {
            throw new IllegalStateException("the database sorts texts by " + collation
                    + ", which cannot hold every name; say once: alter database"
                    + " character set utf8mb4 collate utf8mb4_uca1400_ai_ci");
        }
    }

    /** @param version as MariaDB says it: {@code 10.11.6-MariaDB-0+deb12u1} */
    static boolean isRecent(String version) {
        Matcher known = VERSION.matcher(version);
        if (!known.matches()) {
            return false;
        }
        int major = Integer.parseInt(known.group(1));
        return major > OLDEST_MAJOR || major == OLDEST_MAJOR && Integer.parseInt(known.group(2)) >= OLDEST_MINOR;
    }

    private static String one(Connection connection, String query) throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet found = statement.executeQuery(query)) {
            found.next();
            return found.getString(1);
        }
    }

    private static void pause() {
        try {
            TimeUnit.MILLISECONDS.sleep(BETWEEN.toMillis());
        } catch (InterruptedException stopping) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("Stopped while the database was waited for", stopping);
        }
    }
}
