package dev.steelyard.web.start;

import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Optional;
import java.util.Properties;

/**
 * How the database of a running application is reached, for commands of the same user: a file of the data folder that only its
 * owner reads, there while the application runs. Its password is made afresh at each start.
 */
final class AccessFile {

    private final Path file;

    AccessFile(Path home) {
        this.file = home.resolve("database.access");
    }

    void write(ShopDatabase database) {
        Properties told = new Properties();
        told.setProperty("url", database.url());
        told.setProperty("user", database.user());
        told.setProperty("password", database.password());
        try {
            Files.deleteIfExists(file);
            Files.createFile(file, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
            try (Writer out = Files.newBufferedWriter(file)) {
                told.store(out, null);
            }
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** None while nothing runs. */
    Optional<ShopDatabase> read() {
        if (!Files.exists(file)) {
            return Optional.empty();
        }
        Properties told = new Properties();
        try (Reader in = Files.newBufferedReader(file)) {
            told.load(in);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
        return Optional.of(
                ShopDatabase.of(told.getProperty("url"), told.getProperty("user"), told.getProperty("password")));
    }

    void delete() {
        try {
            Files.deleteIfExists(file);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }
}
