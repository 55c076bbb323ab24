package dev.steelyard.web.base.database;

import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** Ids for rows that are written many at a time, by statements of our own. They are taken ten thousand at a time. */
@Component
public class RowIds {

    private static final int BLOCK = 10_000;

    private final JdbcTemplate sql;
    private long next;
    private long end;

    RowIds(JdbcTemplate sql) {
        this.sql = sql;
    }

    /** An id that nobody else is given. */
    public synchronized long next() {
        if (next == end) {
            Long first = sql.queryForObject("select next value for row_block", Long.class);
            next = first == null ? 0 : first;
            end = next + BLOCK;
        }
        return next++;
    }
}
