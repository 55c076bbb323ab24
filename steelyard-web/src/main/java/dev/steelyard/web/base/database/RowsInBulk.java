package dev.steelyard.web.base.database;

import java.io.ByteArrayInputStream;
import java.io.InputStream;
import java.io.SequenceInputStream;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.SQLWarning;
import java.util.Collections;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.mariadb.jdbc.Statement;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.core.ConnectionCallback;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * Puts many rows into a table at once: as a text that the database reads by itself ({@code LOAD DATA LOCAL}), in half the time
 * that it takes to run a statement for each row. Where a database does not take such texts, the statement is run.
 */
@Component
public class RowsInBulk {

    private final JdbcTemplate sql;
    private volatile @Nullable Boolean takesTexts;

    @Autowired
    RowsInBulk(JdbcTemplate sql) {
        this(sql, null);
    }

    /** @param takesTexts none to ask the database */
    RowsInBulk(JdbcTemplate sql, @Nullable Boolean takesTexts) {
        this.sql = sql;
        this.takesTexts = takesTexts;
    }

    /** Rows as they will go in: put together by whoever has a processor to spare, before there is a transaction. */
    public static final class Packed {

        private final int count;
        private final List<byte[]> text;
        private final List<@Nullable Object[]> rows;

        private Packed(int count, List<byte[]> text, List<@Nullable Object[]> rows) {
            this.count = count;
            this.text = text;
            this.rows = rows;
        }

        public int count() {
            return count;
        }
    }

    /** @param rows whose values are texts, whole numbers, decimals, days, truths or none */
    public Packed pack(List<@Nullable Object[]> rows) {
        if (!takesTexts()) {
            return new Packed(rows.size(), List.of(), rows);
        }
        RowsAsText text = new RowsAsText();
        rows.forEach(text::add);
        return new Packed(rows.size(), text.pieces(), List.of());
    }

    /** The same as {@link #insertPacked} of rows that are not packed yet. */
    public void insert(String table, List<String> columns, List<@Nullable Object[]> rows) {
        insertPacked(table, columns, List.of(pack(rows)));
    }

    /**
     * All of them or, in a transaction, none.
     *
     * @param columns in whose order values stand in rows
     * @throws DataIntegrityViolationException where the table does not take one as it is
     */
    public void insertPacked(String table, List<String> columns, List<Packed> rows) {
        if (rows.stream().allMatch(some -> some.count == 0)) {
            return;
        }
        if (takesTexts()) {
            sql.execute((ConnectionCallback<Integer>) connection -> load(connection, table, columns, rows));
        } else {
            sql.batchUpdate(
                    "insert into " + table + " (" + String.join(", ", columns) + ") values ("
                            + String.join(", ", Collections.nCopies(columns.size(), "?")) + ")",
                    rows.stream().flatMap(some -> some.rows.stream()).toList());
        }
    }

    boolean takesTexts() {
        Boolean known = takesTexts;
        if (known == null) {
            known = Boolean.TRUE.equals(sql.queryForObject("select @@global.local_infile", Boolean.class));
            takesTexts = known;
        }
        return known;
    }

    private static int load(Connection connection, String table, List<String> columns, List<Packed> rows)
            throws SQLException {
        int given = rows.stream().mapToInt(Packed::count).sum();
        List<InputStream> text = rows.stream()
                .flatMap(some -> some.text.stream())
                .<InputStream>map(ByteArrayInputStream::new)
                .toList();
        try (Statement statement = connection.createStatement().unwrap(Statement.class)) {
            statement.setLocalInfileInputStream(new SequenceInputStream(Collections.enumeration(text)));
            int taken = statement.executeUpdate(RowsAsText.statement(table, columns));
            // what it does not take as it is, it makes fit or leaves out, and only warns
            SQLWarning warning = statement.getWarnings();
            if (taken != given || warning != null) {
                throw new DataIntegrityViolationException("of " + given + " rows " + taken + " were taken"
                        + (warning == null ? "" : ": " + warning.getMessage()));
            }
            return taken;
        }
    }
}
