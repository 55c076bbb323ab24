package dev.steelyard.web.testing;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;

/** The application as the start command runs it, in a process of its own that can be killed and launched again. */
public final class LaunchedApp implements AutoCloseable {

    private static final Duration PATIENCE = Duration.ofSeconds(120);
    private static final long LOOK_EVERY_MILLIS = 100;

    private final Path home;
    private final int port;
    private final List<String> settings;
    private Process process;

    /** @param settings of the application, “name=value” */
    public LaunchedApp(Path home, String... settings) throws IOException {
        this.home = home;
        this.settings = List.of(settings);
        try (ServerSocket any = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            this.port = any.getLocalPort();
        }
    }

    /** The address without a slash at its end. */
    public String url() {
        return "http://127.0.0.1:" + port;
    }

    /** Starts it and waits until it is ready; the data of a launch before are there still. */
    public void launch(String... options) throws IOException, InterruptedException {
        Path log = home.resolve("app.log");
        long ready = readyLines(log);
        List<String> words = new ArrayList<>(List.of("--port", "" + port));
        words.addAll(List.of(options));
        words.addAll(List.of("--orders", "0")); // what was sold before is made up where a test is about it
        process = new ProcessBuilder(command(home, settings, words))
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.appendTo(log.toFile()))
                .start();
        Instant latest = Instant.now().plus(PATIENCE);
        while (readyLines(log) == ready) {
            assertThat(process.isAlive()).as(Files.readString(log)).isTrue();
            assertThat(Instant.now()).isBefore(latest);
            Thread.sleep(LOOK_EVERY_MILLIS);
        }
    }

    /**
     * The application's own command line, in a Java that compiles once only: half the processor time of a life as short as a test's
     * goes into compiling better.
     */
    public static List<String> command(Path home, List<String> settings, List<String> words) {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-cp",
                System.getProperty("java.class.path"),
                "-Dsteelyard.home=" + home));
        settings.forEach(setting -> command.add("-D" + setting));
        command.add("dev.steelyard.web.start.Launcher");
        command.addAll(words);
        return command;
    }

    private static long readyLines(Path log) throws IOException {
        return Files.exists(log)
                ? Files.readString(log)
                        .lines()
                        .filter(line -> line.contains("is ready at"))
                        .count()
                : 0;
    }

    /** As kill -9 does. */
    public void kill() throws InterruptedException {
        process.destroyForcibly().waitFor();
    }

    /** As kill -9 of its database does; the application starts that again. */
    public void killDatabase() throws Exception {
        ProcessHandle server = ProcessHandle.allProcesses()
                .filter(one -> one.info().commandLine().orElse("").contains("--datadir=" + home))
                .findFirst()
                .orElseThrow();
        CompletableFuture<ProcessHandle> gone = server.onExit();
        assertThat(server.destroyForcibly()).isTrue();
        gone.get(20, TimeUnit.SECONDS);
    }

    @Override
    public void close() {
        end();
    }

    /** Ends it in good order. */
    public void end() {
        if (process != null && process.isAlive()) {
            process.destroy();
            process.onExit().orTimeout(60, TimeUnit.SECONDS).join();
        }
    }
}
