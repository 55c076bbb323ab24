package dev.steelyard.web.backup;

import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.shop.Noticed;
import dev.steelyard.web.shop.Shops;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import java.time.format.DateTimeParseException;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import javax.sql.DataSource;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.dao.DataAccessException;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.CannotCreateTransactionException;

/**
 * A backup each day at a time of the shop, made by one node, kept for some days. One whose time passed while nothing ran is made
 * once something does.
 */
@Component
@ConditionalOnProperty("steelyard.backups.folder")
class DailyBackup implements Noticed {

    private static final Logger log = LoggerFactory.getLogger(DailyBackup.class);
    private static final String BEGINS = "steelyard-";
    private static final String ENDS = ".zip";
    private static final int LATE_DAYS = 2;

    private final BackupRuns runs;
    private final Shops shops;
    private final DataSource database;
    private final Path folder;
    private final int kept;
    private final LocalTime at;
    private final String version;

    DailyBackup(
            BackupRuns runs,
            Shops shops,
            DataSource database,
            @Value("${steelyard.backups.folder}") Path folder,
            @Value("${steelyard.backups.kept:14}") int kept,
            @Value("${steelyard.backups.at:03:00}") String at,
            @Value("${steelyard.version:unbuilt}") String version) {
        this.runs = runs;
        this.shops = shops;
        this.database = database;
        this.folder = folder;
        this.kept = kept;
        this.at = LocalTime.parse(at);
        this.version = version;
    }

    @Scheduled(fixedDelayString = "1m", initialDelayString = "1m")
    void look() {
        try {
            if (kept == 0 || !shops.begun()) {
                return;
            }
            ZonedDateTime now = shops.now();
            if (!now.toLocalTime().isBefore(at) && runs.claim(now.toLocalDate())) {
                make(now);
            }
        } catch (DataAccessException | CannotCreateTransactionException away) {
            log.warn("No backup can be made just now: {}", away.getMessage());
        }
    }

    private void make(ZonedDateTime now) {
        LocalDate day = now.toLocalDate();
        Path file = folder.resolve(BEGINS + day + ENDS);
        try (Connection connection = database.getConnection()) {
            BackupWriter.write(connection, file, version, now.toInstant().truncatedTo(ChronoUnit.SECONDS));
            runs.good(day, file.toString(), Files.size(file));
            forget(day.minusDays(kept));
        } catch (BackupFault | SQLException | IOException failed) {
            log.error("The backup of {} failed", day, failed);
            runs.failed(day, String.valueOf(failed.getMessage()));
        }
    }

    /** Only what it made itself is deleted: other files of the folder are somebody else's. */
    private void forget(LocalDate last) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            files.filter(file -> isUntil(file.getFileName().toString(), last)).forEach(file -> {
                try {
                    Files.delete(file);
                } catch (IOException failed) {
                    throw new UncheckedIOException(failed);
                }
            });
        } catch (UncheckedIOException failed) {
            throw failed.getCause();
        }
    }

    private static boolean isUntil(String name, LocalDate last) {
        if (!name.startsWith(BEGINS) || !name.endsWith(ENDS)) {
            return false;
        }
        try {
            return !LocalDate.parse(name.substring(BEGINS.length(), name.length() - ENDS.length()))
                    .isAfter(last);
        } catch (DateTimeParseException another) {
            return false;
        }
    }

    /** Today says when the last good one was, and where something is to be done. */
    @Override
    public List<Notice> notices() {
        if (kept == 0) {
            return List.of();
        }
        BackupRuns.Run failing = runs.failing().orElse(null);
        if (failing != null) {
            return List.of(new Notice(
                    "The backup of " + failing.day() + " failed: " + failing.fault() + lastGood(), "", true));
        }
        BackupRuns.Run good = runs.lastGood().orElse(null);
        if (good == null) {
            return List.of();
        }
        boolean late = good.day().isBefore(shops.today().minusDays(LATE_DAYS));
        return List.of(new Notice(
                "The last backup was made on " + when(good) + ", " + bytes(good.bytes()) + (late ? "; none since" : ""),
                "",
                late));
    }

    private String lastGood() {
        return runs.lastGood()
                .map(good -> ". The last good one was made on " + when(good))
                .orElse(". There is no good one yet");
    }

    private String when(BackupRuns.Run run) {
        return Show.moment(run.endedAt(), shops.now().getZone());
    }

    private static String bytes(long bytes) {
        return bytes < 1_000_000
                ? Math.max(1, bytes / 1_000) + " kB"
                : String.format(Locale.ROOT, "%.1f MB", bytes / 1e6);
    }
}
