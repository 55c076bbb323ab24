package dev.steelyard.web.base.database;

import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.springframework.util.FileSystemUtils;

/** The files of the private server: data, log, process id, and the programs run on them. */
final class MariaDbFolder {

    private static final String SERVER = "/usr/sbin/mariadbd";
    private static final String INSTALLER = "/usr/bin/mariadb-install-db";
    private static final int LOG_LINES_SHOWN = 12;

    private final Path home;
    private final Path data;

    private MariaDbFolder(Path home) {
        this.home = home;
        this.data = home.resolve("mariadb");
    }

    static MariaDbFolder in(Path home) {
        try {
            return new MariaDbFolder(Files.createDirectories(home).toRealPath());
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    Path logFile() {
        return home.resolve("mariadb.log");
    }

    private Path pidFile() {
        return home.resolve("mariadb.pid");
    }

    /** Made under another name first, so that an installation cut short is not taken for a whole one. */
    void installIfNew() {
        if (Files.isDirectory(data)) {
            return;
        }
        Path unfinished = home.resolve("mariadb.unfinished");
        try {
            FileSystemUtils.deleteRecursively(unfinished);
            Files.createDirectory(unfinished);
            List<String> command = new ArrayList<>(List.of(
                    INSTALLER,
                    "--no-defaults",
                    "--datadir=" + unfinished,
                    "--auth-root-authentication-method=socket",
                    "--auth-root-socket-user=" + System.getProperty("user.name"),
                    "--skip-test-db"));
            command.addAll(PrivateMariaDb.asRoot());
            Process installer = process(command).start();
            if (!installer.waitFor(5, TimeUnit.MINUTES) || installer.exitValue() != 0) {
                throw new IllegalStateException("The database folder could not be made. " + endOfLog());
            }
            Files.move(unfinished, data);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("Stopped while the database folder was made", interrupted);
        }
    }

    /** A server that holds our data but has no application any more. */
    void stopServerLeftBehind() {
        ProcessHandle.allProcesses().filter(this::holdsOurData).forEach(left -> {
            left.destroy();
            left.onExit().orTimeout(60, TimeUnit.SECONDS).join();
        });
    }

    private boolean holdsOurData(ProcessHandle process) {
        try {
            String[] words = Files.readString(Path.of("/proc", "" + process.pid(), "cmdline"))
                    .split("\0");
            return words[0].equals(SERVER) && List.of(words).contains(dataOption());
        } catch (IOException gone) {
            return false; // ended between being listed and being looked at, or another user's
        }
    }

    private String dataOption() {
        return "--datadir=" + data;
    }

    /** In a session of its own, so that Ctrl-C ends the application first, which then stops its database. */
    Process startServer(int port, Path initFile, boolean durable) {
        try {
            return process(serverCommand(port, initFile, durable)).start();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private List<String> serverCommand(int port, Path initFile, boolean durable) throws IOException {
        List<String> command = new ArrayList<>(List.of(
                "setsid",
                SERVER,
                "--no-defaults",
                dataOption(),
                "--pid-file=" + pidFile(),
                "--socket=" + home.resolve("mariadb.sock"),
                "--tmpdir=" + temporary(),
                "--bind-address=127.0.0.1",
                "--port=" + port,
                "--init-file=" + initFile,
                "--character-set-server=utf8mb4",
                "--collation-server=utf8mb4_uca1400_ai_ci",
                "--default-time-zone=+00:00",
                "--sql-mode=STRICT_ALL_TABLES,ERROR_FOR_DIVISION_BY_ZERO,NO_ENGINE_SUBSTITUTION",
                "--innodb-flush-log-at-trx-commit=" + (durable ? 1 : 0),
                "--innodb-doublewrite=ON",
                "--loose-innodb-snapshot-isolation=OFF", // as MariaDB has it until 11.6; some older ones do not know it
                "--innodb-buffer-pool-size=" + PoolSize.ofThisMachine() + "M",
                "--max-allowed-packet=64M"));
        command.addAll(PrivateMariaDb.asRoot());
        return command;
    }

    private ProcessBuilder process(List<String> command) throws IOException {
        File log = logFile().toFile();
        ProcessBuilder process = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.appendTo(log));
        process.environment().put("TMPDIR", temporary().toString());
        return process;
    }

    /** A starting server clears the temporary tables it finds: each has a folder of its own, or it clears another's. */
    private Path temporary() throws IOException {
        return Files.createDirectories(home.resolve("mariadb.tmp"));
    }

    /** Readable by its owner only: it holds the password until the server has read it. */
    Path writeInitFile(String statements) {
        try {
            Path file = Files.createTempFile(
                    home,
                    "init",
                    ".sql",
                    PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
            return Files.writeString(file, statements);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    void delete(Path file) {
        try {
            Files.deleteIfExists(file);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** The last lines of the server's log, for a message that says why. */
    String endOfLog() {
        try {
            List<String> lines = Files.readAllLines(logFile());
            List<String> end = lines.subList(Math.max(0, lines.size() - LOG_LINES_SHOWN), lines.size());
            return "The end of " + logFile() + ":\n" + String.join("\n", end);
        } catch (IOException unreadable) {
            return "Its log " + logFile() + " cannot be read: " + unreadable.getMessage();
        }
    }
}
