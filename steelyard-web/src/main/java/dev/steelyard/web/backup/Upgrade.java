package dev.steelyard.web.backup;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.flywaydb.core.api.MigrationInfo;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.stereotype.Component;

/**
 * The first start of a newer version: a backup, then the migrations. One that fails leaves the backup and says how to go back; data
 * of a newer version are not touched.
 */
@Component
@ConditionalOnProperty("steelyard.backups.folder")
class Upgrade implements FlywayMigrationStrategy {

    private final Path folder;
    private final String version;
    private final Clock clock = Clock.systemUTC(); // before there is an application

    Upgrade(@Value("${steelyard.backups.folder}") Path folder, @Value("${steelyard.version:unbuilt}") String version) {
        this.folder = folder;
        this.version = version;
    }

    @Override
    public void migrate(Flyway flyway) {
        MigrationInfo now = flyway.info().current();
        refuseOthers(flyway);
        refuseNewer(flyway);
        Path file = null;
        if (now != null && flyway.info().pending().length > 0) {
            file = backup(flyway, now.getVersion() + "");
        }
        try {
            flyway.migrate();
        } catch (FlywayException failed) {
            if (now == null && String.valueOf(failed.getMessage()).contains("non-empty schema")) {
                throw new BackupFault(Restore.FOREIGN, failed);
            }
            throw new BackupFault(
                    "The data could not be brought to this version: " + failed.getMessage()
                            + (file == null
                                    ? ""
                                    : "\nAs they were before they are in " + file
                                            + ". To go back: start the version before with"
                                            + " another data folder (STEELYARD_HOME) after ./steelyard restore "
                                            + file),
                    failed);
        }
    }

    /** Others keep a history of the same name. */
    private static void refuseOthers(Flyway flyway) {
        boolean others = Arrays.stream(flyway.info().applied())
                .filter(one -> one.getVersion() != null
                        && one.getVersion().getVersion().equals("1"))
                .anyMatch(one -> !one.getScript().equals(Restore.FIRST));
        if (others) {
            throw new BackupFault(Restore.FOREIGN);
        }
    }

    private static void refuseNewer(Flyway flyway) {
        Arrays.stream(flyway.info().all())
                .filter(one -> one.getState().isApplied() && !one.getState().isResolved())
                .map(MigrationInfo::getVersion)
                .reduce((one, other) -> other)
                .ifPresent(newer -> {
                    throw new BackupFault("The data were last used by a newer Steelyard (schema " + newer
                            + "). Start that version again, or restore a backup into an empty data folder.");
                });
    }

    private Path backup(Flyway flyway, String schema) {
        Instant now = clock.instant().truncatedTo(ChronoUnit.SECONDS);
        Path file = folder.resolve(
                "before-upgrade-from-" + schema + "-" + now.toString().replace(":", "") + ".zip");
        System.out.println(
                "A newer version: the data are kept as they are in " + file + " before they are changed ...");
        try (Connection connection = flyway.getConfiguration().getDataSource().getConnection()) {
            BackupWriter.write(connection, file, version, now);
            return file;
        } catch (SQLException failed) {
            throw new BackupFault("The database could not be read: " + failed.getMessage(), failed);
        }
    }
}
