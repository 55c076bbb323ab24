package dev.steelyard.web.backup;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import java.util.List;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;

/** Puts a backup into a database in which no shop is. */
public final class Restore {

    static final String FOREIGN = "The database holds tables that are none of Steelyard’s; give it one of its own";

    /** The first of our migrations. */
    static final String FIRST = "V1__the_shop.sql";

    private final DataSource database;

    public Restore(DataSource database) {
        this.database = database;
    }

    /**
     * Puts it back, at the schema it was made with, and brings that to this version's.
     *
     * @throws BackupFault where the file is damaged or of a newer version, or there is a shop already; nothing is changed then
     */
    public Manifest from(Path file) {
        return from(file, false);
    }

    /**
     * The same into a database that is thrown away after: held against the file row by row before it is brought to this version.
     *
     * @throws BackupFault where anything differs
     */
    public Manifest check(Path file) {
        return from(file, true);
    }

    private Manifest from(Path file, boolean compare) {
        try (BackupReader backup = BackupReader.open(file)) {
            Manifest manifest = backup.manifest();
            refuseOthers();
            int newest = newest();
            if (manifest.schema() > newest) {
                throw new BackupFault(file + " was made by Steelyard " + manifest.version() + " with schema "
                        + manifest.schema() + "; this one knows " + newest + ". Use that version, or a newer one.");
            }
            backup.verify();
            refuseWhereAShopIs();
            flyway(null).clean();
            try {
                flyway("" + manifest.schema()).migrate();
                fill(backup);
                if (compare) {
                    compare(manifest);
                }
                flyway(null).migrate();
            } catch (SQLException | RuntimeException failed) {
                flyway(null).clean(); // half a shop is none
                throw failed instanceof BackupFault fault
                        ? fault
                        : new BackupFault(file + " could not be put back: " + failed.getMessage(), failed);
            }
            return manifest;
        }
    }

    private Flyway flyway(String target) {
        var configuration = Flyway.configure()
                .dataSource(database)
                .locations("classpath:db/migration")
                .cleanDisabled(false);
        if (target != null) {
            configuration.target(target);
        }
        return configuration.load();
    }

    private int newest() {
        return Arrays.stream(flyway(null).info().all())
                .filter(one -> one.getVersion() != null && one.getScript() != null)
                .filter(one -> one.getState().isResolved())
                .mapToInt(one -> one.getVersion().getMajor().intValue())
                .max()
                .orElse(0);
    }

    private void refuseOthers() {
        try (Connection connection = database.getConnection()) {
            List<String> tables = BackupWriter.names(connection, "BASE TABLE");
            if (!tables.isEmpty() && !isOurs(connection, tables)) {
                throw new BackupFault(FOREIGN);
            }
        } catch (SQLException failed) {
            throw unread(failed);
        }
    }

    private void refuseWhereAShopIs() {
        try (Connection connection = database.getConnection()) {
            if (BackupWriter.names(connection, "BASE TABLE").contains("staff")
                    && Rows.asked(connection, "select count(*) from staff", row -> row.getLong(1))
                                    .get(0)
                            > 0) {
                throw new BackupFault("There is a shop already. A backup is put into an empty one: empty it first"
                        + " (./steelyard reset), or give another data folder (STEELYARD_HOME)");
            }
        } catch (SQLException failed) {
            throw unread(failed);
        }
    }

    private static BackupFault unread(SQLException failed) {
        return new BackupFault("The database could not be read: " + failed.getMessage(), failed);
    }

    /** Others keep a history of the same name. */
    private static boolean isOurs(Connection connection, List<String> tables) throws SQLException {
        return tables.contains(BackupWriter.HISTORY)
                && Rows.asked(
                                connection,
                                "select script from " + BackupWriter.HISTORY + " where version = '1'",
                                row -> row.getString(1))
                        .equals(List.of(FIRST));
    }

    private void fill(BackupReader backup) throws SQLException {
        try (Connection connection = database.getConnection();
                Statement statement = connection.createStatement()) {
            connection.setAutoCommit(false);
            statement.execute("set foreign_key_checks = 0");
            for (Manifest.Table table : backup.manifest().tables()) {
                statement.execute("delete from `" + table.name() + "`"); // what a migration put in
                Rows.read(connection, table, backup.lines(table));
            }
            connection.commit();
            statement.execute("set foreign_key_checks = 1");
            for (Manifest.Sequence sequence : backup.manifest().sequences()) {
                statement.execute("alter sequence `" + sequence.name() + "` restart " + sequence.next());
            }
            connection.commit();
        }
    }

    private void compare(Manifest manifest) throws SQLException {
        try (Connection connection = database.getConnection()) {
            for (Manifest.Table table : manifest.tables()) {
                Manifest.Table there = Rows.write(connection, table.name(), OutputStream.nullOutputStream());
                if (!there.equals(table)) {
                    throw new BackupFault("“" + table.name() + "” came back otherwise than it was written: "
                            + there.rows() + " rows, not " + table.rows() + ", or other values");
                }
            }
        } catch (IOException never) {
            throw new IllegalStateException(never);
        }
    }
}
