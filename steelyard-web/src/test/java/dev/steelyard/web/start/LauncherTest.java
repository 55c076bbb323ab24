package dev.steelyard.web.start;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.steelyard.web.testing.LaunchedApp;
import dev.steelyard.web.testing.Launches;
import java.io.IOException;
import java.net.BindException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What the start command runs, as a process of its own: started twice, killed, stopped. */
@Launches
class LauncherTest {

    private static final Pattern READY = Pattern.compile("is ready at (http://127\\.0\\.0\\.1:\\d+/)");

    private Process last;

    @AfterEach
    void stop() throws InterruptedException {
        if (last != null && last.isAlive()) {
            last.destroy();
            last.waitFor(60, TimeUnit.SECONDS);
        }
    }

    @Test
    void startsOnceSaysSoTwiceAndSurvivesBeingKilled(@TempDir Path home) throws Exception {
        Path log = home.resolve("first.log");
        Process first = launch(home, log);
        String address = awaitReady(first, log);
        assertThat(Files.readString(log)).contains("sign in as maren or jonas, password saltmarsh");
        assertThat(status(address + "counter")).isEqualTo(200);

        Path secondLog = home.resolve("second.log");
        Process second = launch(home, secondLog);
        assertThat(second.waitFor(60, TimeUnit.SECONDS)).isTrue();
        assertThat(second.exitValue()).isZero();
        assertThat(Files.readString(secondLog)).contains("already running at " + address);

        first.destroyForcibly().waitFor(); // kill -9: its database is left behind
        Path thirdLog = home.resolve("third.log");
        Process third = launch(home, thirdLog);
        assertThat(status(awaitReady(third, thirdLog) + "counter/goods/SHK-8")).isEqualTo(200);
        assertThat(Files.readString(thirdLog)).contains("sign in as before");

        third.destroy(); // as Ctrl-C and stop do
        assertThat(third.waitFor(60, TimeUnit.SECONDS)).isTrue();
        assertThat(Files.readString(thirdLog)).contains("Stopped.");
        assertThat(ProcessHandle.allProcesses()
                        .map(process -> process.info().commandLine().orElse(""))
                        .filter(line -> line.contains("--datadir=" + home)))
                .isEmpty();
    }

    @Test
    void aPortThatIsTakenIsToldFromOneThatMayNotBeOpened() throws IOException {
        try (ServerSocket taken = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            assertThatThrownBy(() -> Ports.choose(taken.getLocalPort(), "127.0.0.1"))
                    .hasMessage("port " + taken.getLocalPort()
                            + " is taken by another program; give another, or none to let one be found");
        }
        assertThat(Ports.why(new BindException("Permission denied"))).contains("may not be opened by this user");
    }

    @Test
    void optionsAreReadOrRefusedInWords() {
        assertThat(Options.parse()).isEqualTo(new Options(false, null, 0, 3000, true));
        assertThat(Options.parse("--demo", "--port", "9000")).isEqualTo(new Options(true, 9000, 0, 3000, true));
        assertThatThrownBy(() -> Options.parse("--dmeo"))
                .hasMessage("“--dmeo” is no option of start; it knows --demo, --port N, --goods N and --orders N");
        assertThat(Options.parse("--goods", "1000").goods()).isEqualTo(1000);
        assertThat(Options.parse("--make", "1000")).isEqualTo(new Options(false, null, 1000, 3000, false));
        assertThatThrownBy(() -> Options.parse("--goods", "many"))
                .hasMessage("--goods takes a number up to 1000000, not “many”");
        assertThat(Options.parse("--demo", "--orders", "0").orders()).isZero();
        assertThatThrownBy(() -> Options.parse("--orders", "-1"))
                .hasMessage("--orders takes a number up to 1000000, not “-1”");
        for (String port : List.of("0", "65536", "x", "")) {
            assertThatThrownBy(() -> Options.parse("--port", port))
                    .hasMessage("--port takes a number from 1 to 65535, not “" + port + "”");
        }
        assertThatThrownBy(() -> Options.parse("--port")).hasMessageContaining("--port takes a number");
    }

    @Test
    void aPortInsistedOnThatIsTakenIsRefused() throws IOException {
        try (java.net.ServerSocket taken = new java.net.ServerSocket(0, 1, java.net.InetAddress.getLoopbackAddress())) {
            assertThatThrownBy(() -> Ports.choose(taken.getLocalPort(), "127.0.0.1"))
                    .hasMessageContaining("is taken by another program");
        }
        assertThat(Ports.choose(null, "127.0.0.1")).isBetween(8080, 8180);
    }

    private Process launch(Path home, Path log) throws IOException {
        last = new ProcessBuilder(LaunchedApp.command(home, List.of(), List.of("--demo")))
                .redirectErrorStream(true)
                .redirectOutput(log.toFile())
                .start();
        return last;
    }

    private static String awaitReady(Process process, Path log) throws Exception {
        Instant latest = Instant.now().plus(Duration.ofSeconds(120));
        while (Instant.now().isBefore(latest)) {
            Matcher ready = READY.matcher(Files.readString(log));
            if (ready.find()) {
                return ready.group(1);
            }
            assertThat(process.isAlive()).as(Files.readString(log)).isTrue();
            Thread.sleep(100);
        }
        throw new AssertionError("not ready in time: " + Files.readString(log));
    }

    private static int status(String address) throws Exception {
        return HttpClient.newHttpClient()
                .send(HttpRequest.newBuilder(URI.create(address)).build(), HttpResponse.BodyHandlers.discarding())
                .statusCode();
    }
}
