package dev.steelyard.web.start;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;
import org.jspecify.annotations.Nullable;

/**
 * The data folder of one shop. The first application to claim it keeps it; the claim is a file lock, which the system
 * takes back from a killed process by itself.
 */
final class Home {

    private final Path folder;
    private final FileChannel lockFile;
    private final @Nullable FileLock lock;

    private Home(Path folder, FileChannel lockFile, @Nullable FileLock lock) {
        this.folder = folder;
        this.lockFile = lockFile;
        this.lock = lock;
    }

    static Home claim(Path path) {
        try {
            // where it is made here, it is its owner's alone
            Path folder = Files.createDirectories(
                            path, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rwx------")))
                    .toRealPath();
            FileChannel file = FileChannel.open(
                    folder.resolve("application.lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            Home home = new Home(folder, file, file.tryLock());
            if (home.isOurs()) {
                home.write("application.pid", "" + ProcessHandle.current().pid());
                Files.deleteIfExists(folder.resolve("application.address"));
            }
            return home;
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    boolean isOurs() {
        return lock != null;
    }

    Path folder() {
        return folder;
    }

    void announce(String address) {
        write("application.address", address);
    }

    /** Where the application that holds the folder answers; none while it still starts. */
    @Nullable
    String announced() {
        try {
            return Files.readString(folder.resolve("application.address"));
        } catch (IOException notYet) {
            return null;
        }
    }

    void release() {
        try {
            Files.deleteIfExists(folder.resolve("application.address"));
            Files.deleteIfExists(folder.resolve("application.pid"));
            lockFile.close();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private void write(String name, String text) {
        try {
            Files.writeString(folder.resolve(name), text);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }
}
