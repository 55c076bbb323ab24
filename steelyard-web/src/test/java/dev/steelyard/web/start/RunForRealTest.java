package dev.steelyard.web.start;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.base.database.PrivateMariaDb;
import dev.steelyard.web.start.settings.Settings;
import dev.steelyard.web.testing.LaunchedApp;
import dev.steelyard.web.testing.Launches;
import java.io.IOException;
import java.net.InetAddress;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** On a database that is there already, behind a proxy, written to a file while it runs, and put back elsewhere. */
@Launches
class RunForRealTest {

    private static final String VIA_TLS =
            "Host: prices.example\r\nX-Forwarded-Proto: https\r\nX-Forwarded-Host: prices.example\r\nX-Forwarded-Port: 443\r\n";

    @SuppressWarnings("try") // at the end the database goes away before the application
    @Test
    void onADatabaseThatIsThereBehindAProxy(@TempDir Path home, @TempDir Path elsewhere, @TempDir Path data)
            throws Exception {
        try (PrivateMariaDb database = PrivateMariaDb.start(data);
                LaunchedApp app = new LaunchedApp(home, "spring.datasource.hikari.connection-timeout=2000")) {
            set(
                    home,
                    "db-url=" + database.jdbcUrl(),
                    "db-user=" + database.user(),
                    "db-password=" + database.password(),
                    "public-address=https://prices.example",
                    "trusted-proxies=127.0.0.1");
            app.launch("--demo");
            assertThat(home.resolve("mariadb")).doesNotExist();
            assertThat(Files.readString(home.resolve("app.log"))).contains("is ready at https://prices.example/");
            assertThat(ask(app, "/counter", VIA_TLS)).startsWith("HTTP/1.1 200");
            assertThat(ask(app, "/sign-in", VIA_TLS)).contains("Secure").contains("Strict-Transport-Security");
            assertThat(ask(app, "/", VIA_TLS)).contains("__Host-steelyard=").contains("Location: /sign-in");
            assertThat(ask(app, "/counter", "Host: other.example\r\n")).startsWith("HTTP/1.1 400");

            Path file = home.resolve("shop.zip");
            assertThat(command(home, "backup", file.toString()))
                    .contains("Written: " + file)
                    .contains("products: 13")
                    .endsWith("exit 0");
            assertThat(command(home, "restore", file.toString()))
                    .contains("Steelyard is running; stop it first")
                    .endsWith("exit 2");
            assertThat(command(elsewhere, "restore", file.toString()))
                    .contains("Restored ")
                    .endsWith("exit 0");
            assertThat(command(elsewhere, "restore", file.toString()))
                    .contains("There is a shop already")
                    .endsWith("exit 2");
            assertThat(command(elsewhere, "check", file.toString()))
                    .contains("Good: ")
                    .contains("compared row by row")
                    .doesNotContain("Flyway")
                    .endsWith("exit 0");

            String session = ask(app, "/", VIA_TLS).replaceAll("(?s).*(__Host-steelyard=[^;]+).*", "$1");
            database.close();
            for (String path : List.of("/counter", "/goods/1", "/sign-in")) {
                assertThat(ask(app, path, VIA_TLS + "Cookie: " + session + "\r\n"))
                        .as("who is signed in cannot be looked up: %s", path)
                        .startsWith("HTTP/1.1 503")
                        .contains("Retry-After: 5")
                        .contains("The shop’s books cannot be reached just now");
            }
        }
    }

    @Test
    void aDatabaseThatCannotHoldAShopIsRefusedInWords(@TempDir Path home, @TempDir Path data) throws Exception {
        try (PrivateMariaDb database = PrivateMariaDb.start(data)) {
            set(home, "db-url=" + database.jdbcUrl(), "db-user=steelyard", "db-password=wrong");
            assertThat(command(home))
                    .contains("does not let Steelyard in (steelyard at jdbc:mariadb:")
                    .endsWith("exit 1");
            set(home, "db-url=" + database.jdbcUrl(), "db-user=steelyard", "db-password=" + database.password());
            keeper(data, "set global read_only = 1");
            assertThat(command(home))
                    .contains("is read-only: it may be a replica")
                    .endsWith("exit 1");
            keeper(data, "set global read_only = 0; alter database steelyard character set latin1");
            assertThat(command(home))
                    .contains("sorts texts by latin1_swedish_ci")
                    .endsWith("exit 1");
            keeper(data, "alter database steelyard character set utf8mb4; create table steelyard.letter (words text)");
            assertThat(command(home))
                    .contains("holds tables that are none of Steelyard’s")
                    .endsWith("exit 1");
        }
    }

    /** What the keeper of the database does there. */
    private static void keeper(Path data, String statements) throws IOException, InterruptedException {
        Process client = new ProcessBuilder(
                        "mariadb",
                        "--no-defaults",
                        "-S",
                        data.resolve("mariadb.sock").toString(),
                        "-u",
                        System.getProperty("user.name"),
                        "-e",
                        statements)
                .redirectErrorStream(true)
                .start();
        String said = new String(client.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(client.waitFor()).as(said).isZero();
    }

    @ParameterizedTest
    @CsvSource({
        "10.6.18-MariaDB-log, false",
        "10.10.2-MariaDB, true",
        "10.11.6-MariaDB-0+deb12u1, true",
        "11.4.3-MariaDB, true",
        "8.0.36, false"
    })
    void onlyARecentMariaDbWillDo(String version, boolean does) {
        assertThat(ExistingDatabase.isRecent(version)).isEqualTo(does);
    }

    @Test
    void settingsAreToldAndWrongOnesEndTheStart(@TempDir Path home) throws Exception {
        set(home, "port=9123", "log=json");
        assertThat(command(home, "settings")).contains("9123   (").endsWith("exit 0");
        set(home, "port=none");
        assertThat(command(home))
                .contains("steelyard: port cannot be “none” (" + home.resolve(Settings.FILE))
                .endsWith("exit 2");
        assertThat(command(home, "backup")).contains("which file?").endsWith("exit 2");
    }

    private static void set(Path home, String... lines) throws IOException {
        Path file = Files.write(home.resolve(Settings.FILE), List.of(lines));
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-------"));
    }

    private static String ask(LaunchedApp app, String path, String headers) throws IOException {
        try (Socket socket = new Socket(
                InetAddress.getLoopbackAddress(), URI.create(app.url()).getPort())) {
            socket.getOutputStream()
                    .write(("GET " + path + " HTTP/1.1\r\nAccept: text/html\r\n" + headers
                                    + "Connection: close\r\n\r\n")
                            .getBytes(StandardCharsets.US_ASCII));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    /** @return all that it says, with its exit code behind it */
    private static String command(Path home, String... words) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(LaunchedApp.command(home, List.of(), List.of(words)))
                .redirectErrorStream(true)
                .start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        return said + "exit " + process.waitFor();
    }
}
