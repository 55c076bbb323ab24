package dev.steelyard.web.base.database;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.springframework.jdbc.core.ConnectionCallback;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * Whether the database is a cluster of several that are written to. There a lock holds back only those who ask the same member;
 * who asks another is found out when both commit, and only where both have written.
 */
@Component
public class Cluster {

    private final boolean isOne;

    Cluster(JdbcTemplate sql) {
        this.isOne = Boolean.TRUE.equals(sql.execute((ConnectionCallback<Boolean>) Cluster::isOne));
    }

    /** Whether it is one at the other end of a connection; a server built without that knows no such variable. */
    public static boolean isOne(Connection connection) throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet found = statement.executeQuery("show variables like 'wsrep_on'")) {
            return found.next() && "ON".equals(found.getString(2));
        }
    }

    public boolean isOne() {
        return isOne;
    }
}
