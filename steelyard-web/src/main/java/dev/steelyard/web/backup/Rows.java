package dev.steelyard.web.backup;

import dev.steelyard.web.backup.Manifest.Column;
import dev.steelyard.web.base.page.Fingerprint;
import java.io.IOException;
import java.io.OutputStream;
import java.security.DigestOutputStream;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.sql.Types;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.StreamWriteFeature;
import tools.jackson.databind.ObjectWriter;
import tools.jackson.databind.json.JsonMapper;

/** The rows of one table as lines of JSON, and back. */
final class Rows {

    static final JsonMapper JSON = JsonMapper.builder().build();
    private static final ObjectWriter WRITER = JSON.writer().without(StreamWriteFeature.AUTO_CLOSE_TARGET);
    private static final int AT_ONCE = 1_000;

    private Rows() {}

    /** Writes all of a table. */
    static Manifest.Table write(Connection connection, String table, OutputStream to) throws SQLException, IOException {
        List<Column> columns = columns(connection, table);
        DigestOutputStream digested = new DigestOutputStream(to, Fingerprint.digest());
        Counted counted = new Counted(digested);
        long rows = 0;
        try (Statement statement =
                connection.createStatement(ResultSet.TYPE_FORWARD_ONLY, ResultSet.CONCUR_READ_ONLY)) {
            statement.setFetchSize(AT_ONCE); // a table of millions of rows goes through, not into memory
            try (ResultSet found = statement.executeQuery(
                    "select " + names(columns) + " from `" + table + "`" + order(connection, table))) {
                JsonGenerator json = WRITER.createGenerator(counted);
                for (; found.next(); rows++) {
                    json.writeStartArray();
                    for (int i = 0; i < columns.size(); i++) {
                        json.writeString(value(found, i + 1, columns.get(i)));
                    }
                    json.writeEndArray();
                    json.writeRaw('\n');
                }
                json.flush();
            }
        }
        return new Manifest.Table(table, columns, rows, counted.bytes, Fingerprint.of(digested.getMessageDigest()));
    }

    private static @Nullable String value(ResultSet row, int number, Column column) throws SQLException {
        if (!column.binary()) {
            return row.getString(number);
        }
        byte[] bytes = row.getBytes(number);
        return bytes == null ? null : Base64.getEncoder().encodeToString(bytes);
    }

    /** Puts rows into a table that has none. */
    static void read(Connection connection, Manifest.Table table, Iterable<String> lines) throws SQLException {
        String marks = table.columns().stream().map(any -> "?").collect(Collectors.joining(", "));
        try (PreparedStatement insert = connection.prepareStatement(
                "insert into `" + table.name() + "` (" + names(table.columns()) + ") values (" + marks + ")")) {
            int waiting = 0;
            for (String line : lines) {
                String[] values = JSON.readValue(line, String[].class);
                for (int i = 0; i < values.length; i++) {
                    set(insert, i + 1, table.columns().get(i), values[i]);
                }
                insert.addBatch();
                if (++waiting == AT_ONCE) {
                    insert.executeBatch();
                    waiting = 0;
                }
            }
            if (waiting > 0) {
                insert.executeBatch();
            }
        }
    }

    private static void set(PreparedStatement insert, int number, Column column, @Nullable String value)
            throws SQLException {
        if (value != null && column.binary()) {
            insert.setBytes(number, Base64.getDecoder().decode(value));
        } else if (value == null && column.binary()) {
            insert.setNull(number, Types.VARBINARY);
        } else {
            insert.setString(number, value);
        }
    }

    /** Those that are not worked out from others. */
    private static List<Column> columns(Connection connection, String table) throws SQLException {
        return asked(
                connection,
                "select column_name, data_type from information_schema.columns where table_schema = database()"
                        + " and table_name = '" + table
                        + "' and extra not like '%GENERATED%' order by ordinal_position",
                row -> new Column(row.getString(1), row.getString(2).matches(".*(blob|binary)")));
    }

    private static String order(Connection connection, String table) throws SQLException {
        List<String> key = asked(
                connection,
                "select column_name from information_schema.key_column_usage where table_schema = database()"
                        + " and table_name = '" + table
                        + "' and constraint_name = 'PRIMARY' order by ordinal_position",
                row -> "`" + row.getString(1) + "`");
        return key.isEmpty() ? "" : " order by " + String.join(", ", key);
    }

    private static String names(List<Column> columns) {
        return columns.stream().map(one -> "`" + one.name() + "`").collect(Collectors.joining(", "));
    }

    /** Reads one value of a row. */
    interface Of<T> {
        T read(ResultSet row) throws SQLException;
    }

    static <T> List<T> asked(Connection connection, String query, Of<T> of) throws SQLException {
        List<T> all = new ArrayList<>();
        try (Statement statement = connection.createStatement();
                ResultSet found = statement.executeQuery(query)) {
            while (found.next()) {
                all.add(of.read(found));
            }
        }
        return all;
    }

    /** Counts what goes through. */
    private static final class Counted extends java.io.FilterOutputStream {

        private long bytes;

        Counted(OutputStream to) {
            super(to);
        }

        @Override
        public void write(int one) throws IOException {
            out.write(one);
            bytes++;
        }

        @Override
        public void write(byte[] some, int from, int length) throws IOException {
            out.write(some, from, length);
            bytes += length;
        }
    }
}
