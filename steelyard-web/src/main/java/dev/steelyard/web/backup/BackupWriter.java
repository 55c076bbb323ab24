package dev.steelyard.web.backup;

import java.io.BufferedOutputStream;
import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import tools.jackson.core.JacksonException;

/**
 * Writes a backup: a zip of the rows of each table and, at its end, the manifest. All tables are as they were at one moment, by
 * one transaction that sees a snapshot; who writes meanwhile does not wait. Readable by its owner only: it holds what the shop
 * holds.
 */
public final class BackupWriter {

    static final String MANIFEST = "manifest.json";
    static final String HISTORY = "flyway_schema_history";

    /** Made by the migrations, or of no use elsewhere: who had a session signs in again. */
    private static final Set<String> NOT_KEPT = Set.of(HISTORY, "WEB_SESSION", "WEB_SESSION_ATTRIBUTES");

    private BackupWriter() {}

    /**
     * Writes a file; one that is there is replaced when the new one is whole.
     *
     * @param connection that is used for nothing else meanwhile
     * @throws BackupFault where the file cannot be written; nothing of it is left
     */
    public static Manifest write(Connection connection, Path file, String version, Instant now) {
        return write(connection, file, version, now, table -> true);
    }

    /** The same of some tables. */
    static Manifest write(Connection connection, Path file, String version, Instant now, Predicate<String> wanted) {
        Path part = file.resolveSibling(file.getFileName() + ".part");
        try {
            Files.createDirectories(file.toAbsolutePath().getParent());
            Files.deleteIfExists(part);
            Files.createFile(part, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
            Manifest manifest;
            try (ZipOutputStream zip = new ZipOutputStream(new BufferedOutputStream(Files.newOutputStream(part)))) {
                manifest = tables(connection, zip, version, now, wanted);
                zip.putNextEntry(new ZipEntry(MANIFEST));
                zip.write(Rows.JSON.writerWithDefaultPrettyPrinter().writeValueAsBytes(manifest));
                zip.closeEntry();
            }
            Files.move(part, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
            return manifest;
        } catch (IOException | JacksonException failed) { // Jackson's has what the disk said, and is unchecked
            throw new BackupFault(file + " could not be written: " + failed.getMessage(), failed);
        } catch (SQLException failed) {
            throw new BackupFault("The database could not be read: " + failed.getMessage(), failed);
        } finally {
            part.toFile().delete(); // gone already where all went well
        }
    }

    private static Manifest tables(
            Connection connection, ZipOutputStream zip, String version, Instant now, Predicate<String> wanted)
            throws SQLException, IOException {
        boolean commits = connection.getAutoCommit();
        connection.setAutoCommit(false);
        try (Statement statement = connection.createStatement()) {
            statement.execute("set transaction isolation level repeatable read");
            statement.execute("start transaction with consistent snapshot");
            int schema = schema(connection);
            List<Manifest.Table> tables = new ArrayList<>();
            for (String table : names(connection, "BASE TABLE")) {
                if (!NOT_KEPT.contains(table) && wanted.test(table)) {
                    zip.putNextEntry(new ZipEntry(Manifest.Table.entry(table)));
                    tables.add(Rows.write(connection, table, new Open(zip)));
                    zip.closeEntry();
                }
            }
            List<Manifest.Sequence> sequences = new ArrayList<>();
            for (String sequence : names(connection, "SEQUENCE")) {
                sequences.add(new Manifest.Sequence(
                        sequence,
                        Rows.asked(
                                        connection,
                                        "select next_not_cached_value from `" + sequence + "`",
                                        row -> row.getLong(1))
                                .get(0)));
            }
            return new Manifest(Manifest.FORMAT, version, schema, now, tables, sequences);
        } finally {
            connection.rollback();
            connection.setAutoCommit(commits);
        }
    }

    static List<String> names(Connection connection, String type) throws SQLException {
        return Rows.asked(
                connection,
                "select table_name from information_schema.tables where table_schema = database() and table_type = '"
                        + type + "' order by table_name",
                row -> row.getString(1));
    }

    private static int schema(Connection connection) throws SQLException {
        return Rows.asked(
                        connection,
                        "select coalesce(max(cast(version as unsigned)), 0) from " + HISTORY + " where success = 1",
                        row -> row.getInt(1))
                .get(0);
    }

    /** What is written to it goes on; closing it does not close the file. */
    private static final class Open extends FilterOutputStream {

        Open(OutputStream to) {
            super(to);
        }

        @Override
        public void write(byte[] some, int from, int length) throws IOException {
            out.write(some, from, length);
        }

        @Override
        public void close() {
            // other tables follow
        }
    }
}
