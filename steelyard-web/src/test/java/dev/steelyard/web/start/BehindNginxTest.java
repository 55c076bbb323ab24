package dev.steelyard.web.start;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import dev.steelyard.web.start.settings.Settings;
import dev.steelyard.web.testing.LaunchedApp;
import dev.steelyard.web.testing.Launches;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The nginx configuration that ships, as it stands but for ports and certificate, with TLS before a running Steelyard. */
@Launches
class BehindNginxTest {

    private static final Path NGINX = Path.of("/usr/sbin/nginx");
    private static final String NAME = "prices.example";
    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"");

    @TempDir
    private Path home;

    private int tls;

    @Test
    void anOwnerSignsInAndInvitesByThePublicName() throws Exception {
        assumeTrue(Files.isExecutable(NGINX), "nginx is not installed: apt-get install nginx-light");
        Path file = Files.writeString(
                home.resolve(Settings.FILE), "public-address=https://" + NAME + "\ntrusted-proxies=127.0.0.1\n");
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-------"));
        try (LaunchedApp app = new LaunchedApp(home)) {
            app.launch("--demo");
            Process nginx = nginx(URI.create(app.url()).getPort());
            try {
                await().until(() -> curl("/sign-in").contains("HTTP/2 200"));
                String page = curl("/sign-in");
                String in = curl(
                        "/sign-in",
                        "--data-urlencode",
                        "username=maren",
                        "--data-urlencode",
                        "password=saltmarsh",
                        "--data-urlencode",
                        "_csrf=" + token(page));
                assertThat(in)
                        .contains("HTTP/2 302")
                        .contains("__Host-steelyard=")
                        .contains("location: /");
                String people = curl("/shop/people");
                assertThat(people).contains("strict-transport-security").contains("who works here");
                String invited = curl(
                        "/shop/people",
                        "-d",
                        "do=invite",
                        "-d",
                        "name=Ada",
                        "--data-urlencode",
                        "_csrf=" + token(people));
                assertThat(invited).contains("https://" + NAME + "/join/");
                assertThat(curl("/you")).as("who asked, by the proxy's word").contains("127.0.0.1");
            } finally {
                nginx.destroy();
                nginx.waitFor();
            }
        }
    }

    private Process nginx(int port) throws IOException, InterruptedException {
        run(
                "openssl",
                "req",
                "-x509",
                "-newkey",
                "rsa:2048",
                "-nodes",
                "-days",
                "2",
                "-subj",
                "/CN=" + NAME,
                "-keyout",
                home.resolve("privkey.pem").toString(),
                "-out",
                home.resolve("fullchain.pem").toString());
        tls = free();
        String shipped = Files.readString(Path.of("..", "deploy", "nginx.conf"))
                .replace("127.0.0.1:8080", "127.0.0.1:" + port)
                .replace("listen 80;", "listen 127.0.0.1:" + free() + ";")
                .replace("listen 443", "listen 127.0.0.1:" + tls)
                .replace("/etc/ssl/prices.example", home.toString());
        Path site = Files.writeString(home.resolve("site.conf"), shipped);
        Path whole = Files.writeString(
                home.resolve("nginx.conf"),
                ("daemon off; pid %1$s/nginx.pid; error_log %1$s/nginx.log;\nevents {}\nhttp { access_log off;"
                                + " client_body_temp_path %1$s/body; proxy_temp_path %1$s/proxy; fastcgi_temp_path %1$s/f;"
                                + " uwsgi_temp_path %1$s/u; scgi_temp_path %1$s/s; include %2$s; }\n")
                        .formatted(home, site));
        return new ProcessBuilder(NGINX.toString(), "-e", home + "/nginx.log", "-c", whole.toString())
                .redirectErrorStream(true)
                .redirectOutput(home.resolve("nginx.out").toFile())
                .start();
    }

    private static int free() throws IOException {
        try (ServerSocket any = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            return any.getLocalPort();
        }
    }

    private static String token(String page) {
        Matcher token = TOKEN.matcher(page);
        assertThat(token.find()).as(page).isTrue();
        return token.group(1);
    }

    private String curl(String path, String... more) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of(
                "curl",
                "-ski",
                "--max-time",
                "30",
                "-c",
                home.resolve("cookies").toString(),
                "-b",
                home.resolve("cookies").toString(),
                "--resolve",
                NAME + ":" + tls + ":127.0.0.1"));
        command.addAll(List.of(more));
        command.add("https://" + NAME + ":" + tls + path);
        return run(command.toArray(String[]::new));
    }

    private static String run(String... command) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        process.waitFor();
        return said;
    }
}
