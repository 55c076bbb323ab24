package dev.steelyard.web.backup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.steelyard.web.base.database.PrivateMariaDb;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.SmallDisk;
import dev.steelyard.web.testing.WithApp;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;

/** A backup each day by one node, and one before an upgrade. */
@ExtendWith(WithApp.class)
class DailyBackupTest {

    @TempDir
    private Path folder;

    @Test
    void oneNodeMakesItOnceADayAndOldOnesGo(App app) throws IOException {
        LocalDate today = app.bean(Shops.class).today();
        Path old = Files.writeString(folder.resolve("steelyard-" + today.minusDays(3) + ".zip"), "old");
        Path kept = Files.writeString(folder.resolve("steelyard-" + today.minusDays(1) + ".zip"), "kept");
        Path foreign = Files.writeString(folder.resolve("steelyard-letter.zip"), "somebody’s");
        DailyBackup one = daily(app, folder, 2);
        one.look();
        Path made = folder.resolve("steelyard-" + today + ".zip");
        assertThat(made).exists();
        assertThat(old).doesNotExist();
        assertThat(kept).exists();
        assertThat(foreign).exists();
        Files.delete(made);
        daily(app, folder, 2).look();
        assertThat(made).as("the other node sees that it is made").doesNotExist();
        assertThat(one.notices()).hasSize(1).allSatisfy(notice -> {
            assertThat(notice.words()).startsWith("The last backup was made on " + today.getDayOfMonth() + " ");
            assertThat(notice.wrong()).isFalse();
        });
        app.sql().sql("update backup_run set day = day - interval 3 day").update();
        assertThat(one.notices().get(0).wrong()).isTrue();
        assertThat(one.notices().get(0).words()).endsWith("; none since");
    }

    @Test
    void oneThatFailsIsToldAndTriedAgain(App app) throws IOException {
        Path blocked = Files.writeString(folder.resolve("file"), "in the way");
        DailyBackup failing = daily(app, blocked, 2);
        failing.look();
        assertThat(failing.notices()).hasSize(1).allSatisfy(notice -> {
            assertThat(notice.words()).contains("failed: ").endsWith("There is no good one yet");
            assertThat(notice.wrong()).isTrue();
        });
        DailyBackup good = daily(app, folder, 2);
        good.look();
        assertThat(zips()).as("not at once").isEmpty();
        app.sql()
                .sql("update backup_run set started_at = started_at - interval 61 minute")
                .update();
        good.look();
        assertThat(zips()).hasSize(1);
        assertThat(good.notices().get(0).wrong()).isFalse();
    }

    @Test
    void oneThatHasNoRoomIsToldAndLeavesNothingBehind(App app) throws Exception {
        try (SmallDisk disk = SmallDisk.at(Files.createDirectory(folder.resolve("small")), 8)) {
            DailyBackup full = daily(app, disk.path(), 2);
            full.look();
            assertThat(full.notices()).hasSize(1).allSatisfy(notice -> {
                assertThat(notice.words()).contains("failed: ").contains("No space left on device");
                assertThat(notice.wrong()).isTrue();
            });
            try (Stream<Path> files = Files.list(disk.path())) {
                assertThat(files).isEmpty();
            }
        }
    }

    @Test
    void noneIsMadeBeforeItsTimeOrWhereNoneIsWanted(App app) throws IOException {
        new DailyBackup(
                        app.bean(BackupRuns.class),
                        app.bean(Shops.class),
                        app.bean(DataSource.class),
                        folder,
                        2,
                        "23:59:59",
                        "1")
                .look();
        daily(app, folder, 0).look();
        assertThat(zips()).isEmpty();
        assertThat(daily(app, folder, 0).notices()).isEmpty();
    }

    @Test
    void anUpgradeKeepsTheDataAsTheyWereAndNewerDataAreLeftAlone() throws IOException {
        try (PrivateMariaDb database = PrivateMariaDb.startForgetful(folder.resolve("database"))) {
            flyway(database, "22").migrate();
            Path backups = folder.resolve("backups");
            Upgrade upgrade = new Upgrade(backups, "2.0");
            Flyway newest = flyway(database, "latest");
            upgrade.migrate(newest);
            assertThat(newest.info().pending()).isEmpty();
            try (Stream<Path> files = Files.list(backups)) {
                assertThat(files.map(file -> file.getFileName().toString()).toList())
                        .singleElement()
                        .asString()
                        .startsWith("before-upgrade-from-22-");
            }
            upgrade.migrate(newest); // nothing to do, so nothing is kept
            try (Stream<Path> files = Files.list(backups)) {
                assertThat(files).hasSize(1);
            }
            assertThatThrownBy(() -> upgrade.migrate(Flyway.configure()
                            .dataSource(database.jdbcUrl(), database.user(), database.password())
                            .locations("classpath:db/none")
                            .load()))
                    .isInstanceOf(BackupFault.class)
                    .hasMessageContaining("The data were last used by a newer Steelyard");
        }
    }

    private static Flyway flyway(PrivateMariaDb database, String target) {
        return Flyway.configure()
                .dataSource(database.jdbcUrl(), database.user(), database.password())
                .target(target)
                .load();
    }

    private static DailyBackup daily(App app, Path folder, int kept) {
        return new DailyBackup(
                app.bean(BackupRuns.class),
                app.bean(Shops.class),
                app.bean(DataSource.class),
                folder,
                kept,
                "00:00",
                "0.1.0");
    }

    private List<Path> zips() throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(file -> file.toString().endsWith(".zip")).toList();
        }
    }
}
