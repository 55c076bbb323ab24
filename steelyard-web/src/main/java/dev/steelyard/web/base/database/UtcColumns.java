package dev.steelyard.web.base.database;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import org.jspecify.annotations.Nullable;

/** UtcColumns as columns hold them: in UTC, without an offset. */
public final class UtcColumns {

    private UtcColumns() {}

    public static LocalDateTime utc(Instant at) {
        return LocalDateTime.ofInstant(at, ZoneOffset.UTC);
    }

    /** Of a column that always has one. */
    public static Instant in(ResultSet row, String column) throws SQLException {
        return in(row, row.findColumn(column));
    }

    /** Of the column at a place, from 1, that always has one. */
    public static Instant in(ResultSet row, int column) throws SQLException {
        return row.getObject(column, LocalDateTime.class).toInstant(ZoneOffset.UTC);
    }

    /** Of a column that may be empty. */
    public static @Nullable Instant orNone(ResultSet row, String column) throws SQLException {
        return orNone(row, row.findColumn(column));
    }

    /** Of the column at a place, from 1, that may be empty. */
    public static @Nullable Instant orNone(ResultSet row, int column) throws SQLException {
        LocalDateTime at = row.getObject(column, LocalDateTime.class);
        return at == null ? null : at.toInstant(ZoneOffset.UTC);
    }
}
