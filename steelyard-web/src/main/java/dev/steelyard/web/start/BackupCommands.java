package dev.steelyard.web.start;

import dev.steelyard.web.backup.BackupFault;
import dev.steelyard.web.backup.BackupWriter;
import dev.steelyard.web.backup.Manifest;
import dev.steelyard.web.backup.Restore;
import dev.steelyard.web.base.database.PrivateMariaDb;
import dev.steelyard.web.start.settings.Settings;
import java.io.IOException;
import java.io.PrintStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import org.springframework.boot.logging.LogLevel;
import org.springframework.boot.logging.LoggingSystem;
import org.springframework.util.FileSystemUtils;

/** {@code ./steelyard backup}, {@code restore} and {@code check}. */
final class BackupCommands {

    static final List<String> NAMES = List.of("backup", "restore", "check");

    private final Path folder;
    private final PrintStream out;

    BackupCommands(Path folder, PrintStream out) {
        this.folder = folder;
        this.out = out;
    }

    /** @throws IllegalArgumentException in words, where no file is named */
    void run(String command, List<String> arguments) {
        if (arguments.size() != 1) {
            throw new IllegalArgumentException("which file? ./steelyard " + command + " FILE");
        }
        LoggingSystem.get(getClass().getClassLoader()).setLogLevel(LoggingSystem.ROOT_LOGGER_NAME, LogLevel.WARN);
        Path file = Path.of(arguments.get(0)).toAbsolutePath();
        try {
            switch (command) {
                case "backup" -> backup(file);
                case "restore" -> restore(file);
                default -> check(file);
            }
        } catch (BackupFault fault) {
            throw new IllegalArgumentException(fault.getMessage(), fault);
        }
    }

    private void backup(Path file) {
        Home home = Home.claim(folder);
        try (ShopDatabase database = home.isOurs() ? alone(home) : running(home);
                Connection connection = database.connect()) {
            Manifest manifest = BackupWriter.write(
                    connection,
                    file,
                    Version.CURRENT,
                    Clock.systemUTC().instant().truncatedTo(ChronoUnit.SECONDS));
            out.printf(Locale.ROOT, "Written: %s, %,d bytes, %s.%n", file, Files.size(file), words(manifest));
        } catch (SQLException failed) {
            throw new IllegalStateException("the database could not be read: " + failed.getMessage(), failed);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } finally {
            if (home.isOurs()) {
                home.release();
            }
        }
    }

    private ShopDatabase alone(Home home) {
        return ShopDatabase.open(Settings.read(home.folder(), System.getenv()), home.folder());
    }

    private static ShopDatabase running(Home home) {
        return new AccessFile(home.folder())
                .read()
                .orElseThrow(() -> new IllegalArgumentException(
                        "Steelyard is just starting, or was started by another user; try again in a moment"));
    }

    private void restore(Path file) {
        Home home = Home.claim(folder);
        if (!home.isOurs()) {
            throw new IllegalArgumentException("Steelyard is running; stop it first (./steelyard stop)");
        }
        try (ShopDatabase database = alone(home)) {
            Manifest manifest = new Restore(database.source()).from(file);
            out.printf(
                    "Restored %s, as it was at %s. ./steelyard start goes on from there.%n",
                    words(manifest), manifest.madeAt());
        } finally {
            home.release();
        }
    }

    /** In a database of its own that is thrown away after. */
    private void check(Path file) {
        Path scratch = scratch();
        try (PrivateMariaDb database = PrivateMariaDb.startForgetful(scratch)) {
            Manifest manifest = new Restore(ShopDatabase.of(database.jdbcUrl(), database.user(), database.password())
                            .source())
                    .check(file);
            out.printf(
                    "Good: %s, as it was at %s, put back and compared row by row.%n",
                    words(manifest), manifest.madeAt());
        } finally {
            FileSystemUtils.deleteRecursively(scratch.toFile());
        }
    }

    private static Path scratch() {
        try {
            return Files.createTempDirectory("steelyard-check");
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private static String words(Manifest manifest) {
        return String.format(
                Locale.ROOT,
                "%,d rows of %d tables (products: %,d, orders: %,d) by Steelyard %s",
                manifest.rows(),
                manifest.tables().size(),
                manifest.rows("product"),
                manifest.rows("shop_order"),
                manifest.version());
    }
}
