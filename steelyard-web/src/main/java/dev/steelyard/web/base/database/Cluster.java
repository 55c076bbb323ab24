package dev.steelyard.web.base.database;

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
        this.isOne = sql.query("show variables like 'wsrep_on'", row -> row.next() && "ON".equals(row.getString(2)));
    }

    public boolean isOne() {
        return isOne;
    }
}
