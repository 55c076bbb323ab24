package dev.steelyard.web.base.database;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Path;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.util.HexFormat;
import java.util.List;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * A MariaDB server of our own: a data folder, a free port on 127.0.0.1, a password made afresh at each start. The one
 * implementation behind the start command and the tests.
 *
 * <p>A server left running by a killed application is stopped first; a server that dies under a running application is
 * started again on the same port, however often it dies. Committed data outlive both: every commit is flushed to disk.
 */
public final class PrivateMariaDb implements AutoCloseable {

    private static final Logger log = LoggerFactory.getLogger(PrivateMariaDb.class);
    private static final Duration STOPS_WITHIN = Duration.ofSeconds(30);

    private final MariaDbFolder folder;
    private final int port;
    private final String password;
    private final boolean durable;
    private Process server;
    private boolean closing;
    private final Restarts restarts;
    private final ScheduledExecutorService watch = Executors.newSingleThreadScheduledExecutor(PrivateMariaDb::thread);

    private PrivateMariaDb(MariaDbFolder folder, int port, String password, boolean durable, Clock clock) {
        this.restarts = new Restarts(clock);
        this.folder = folder;
        this.port = port;
        this.password = password;
        this.durable = durable;
        this.server = launch();
    }

    /**
     * Starts a server on a folder, made ready where it is new; returns once it answers.
     *
     * @throws IllegalStateException where it does not come up, with the end of its log
     */
    public static PrivateMariaDb start(Path home) {
        return start(home, true, Clock.systemUTC());
    }

    /** The same for data that nobody misses: commits are written to disk once a second, which is quicker. For tests. */
    public static PrivateMariaDb startForgetful(Path home) {
        return start(home, false, Clock.systemUTC());
    }

    /** @param clock that says how long it was quiet between two ends of the server */
    static PrivateMariaDb start(Path home, boolean durable, Clock clock) {
        MariaDbFolder folder = MariaDbFolder.in(home);
        folder.stopServerLeftBehind();
        folder.installIfNew();
        return new PrivateMariaDb(folder, freePort(), newPassword(), durable, clock);
    }

    public String jdbcUrl() {
        return MariaDbConnection.url(port);
    }

    public String user() {
        return MariaDbConnection.USER;
    }

    public String password() {
        return password;
    }

    /** Process id of the server now running. */
    public synchronized long pid() {
        return server.pid();
    }

    private Process launch() {
        Path initFile = folder.writeInitFile(MariaDbConnection.initStatements(password));
        Process started = folder.startServer(port, initFile, durable);
        try {
            MariaDbConnection.awaitAnswer(started, port, password, folder);
        } catch (RuntimeException failed) {
            started.destroyForcibly();
            throw failed;
        } finally {
            folder.delete(initFile);
        }
        started.onExit().thenAccept(this::ended);
        return started;
    }

    private synchronized void ended(Process one) {
        if (closing || one != server) {
            return;
        }
        log.warn("The database ended by itself (exit code {}).", one.exitValue());
        startAgainLater();
    }

    private void startAgainLater() {
        Duration pause = restarts.nextPause();
        log.warn("The database is started again in {} s. Its log: {}", pause.toSeconds(), folder.logFile());
        watch.schedule(this::startAgain, pause.toMillis(), TimeUnit.MILLISECONDS);
    }

    private synchronized void startAgain() {
        if (closing) {
            return;
        }
        try {
            server = launch();
        } catch (RuntimeException failed) {
            log.error("The database did not come back", failed);
            startAgainLater();
        }
    }

    private static Thread thread(Runnable work) {
        Thread thread = new Thread(work, "database-watch");
        thread.setDaemon(true);
        return thread;
    }

    /** Stops the server in good order and waits for it. */
    @Override
    public synchronized void close() {
        closing = true;
        watch.shutdownNow();
        server.destroy();
        try {
            if (!server.waitFor(STOPS_WITHIN.toSeconds(), TimeUnit.SECONDS)) {
                log.error("The database did not stop within {}; it is ended hard.", STOPS_WITHIN);
                server.destroyForcibly();
            }
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
        }
    }

    static int freePort() {
        try (ServerSocket socket = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            return socket.getLocalPort();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private static String newPassword() {
        byte[] bytes = new byte[24];
        new SecureRandom().nextBytes(bytes);
        return HexFormat.of().formatHex(bytes);
    }

    static List<String> asRoot() {
        return "root".equals(System.getProperty("user.name")) ? List.of("--user=root") : List.of();
    }
}
