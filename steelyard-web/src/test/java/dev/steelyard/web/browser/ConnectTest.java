package dev.steelyard.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.sun.net.httpserver.HttpServer;
import dev.steelyard.web.store.keys.Keys;
import dev.steelyard.web.store.keys.MadeKeys;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.DemoDeals;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.WithApp;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The steps of docs/connect.md, run as they stand there. */
@ExtendWith(WithApp.class)
class ConnectTest {

    private static final Path GUIDE = Path.of("..", "docs", "connect.md");

    @Test
    void theTenStepsLeadToAnOrder(App app, Http owner, BrowserContext browser)
            throws IOException, InterruptedException {
        DemoDeals.putBack(app);
        Keys.Made server = MadeKeys.server(app);
        HttpServer shop = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        String origin = "http://127.0.0.1:" + shop.getAddress().getPort();
        Keys.Made page = MadeKeys.page(app, origin);
        String guide = Files.readString(GUIDE);
        List<String> steps = blocks(guide, "sh");
        assertThat(steps).hasSize(9);
        String begun = "set -euo pipefail\nexport STEELYARD=" + app.url() + " SERVER_KEY=" + server.text()
                + " PAGE_KEY=" + page.text() + " CUSTOMER_SECRET=" + server.customerSecret() + "\n";
        String said = run(begun + String.join("\necho\n", steps.subList(1, steps.size())));
        assertThat(said.lines().filter(line -> line.startsWith("{")))
                .as(said)
                .hasSize(8)
                .anyMatch(line -> line.contains("\"sku\":\"FEND-A\",\"outcome\":\"added\""))
                .anyMatch(line -> line.contains("Bootsplane nach Maß"))
                .anyMatch(line -> line.contains("\"line\":\"291.80\""))
                .anyMatch(line -> line.contains("\"guest\":false,\"group\":\"Boatyard\""))
                .anyMatch(line -> line.startsWith("{\"good\":true"))
                .anyMatch(line -> line.contains("\"open\":true"))
                .anyMatch(line -> line.contains("\"number\":\"Q-20145\"") && line.contains("\"otherwise\":false"))
                .anyMatch(line -> line.contains("\"many\":"));
        assertThat(owner.signIn("maren").get("/orders").text())
                .contains("Q-20145")
                .contains("Ada Quay");

        String html =
                blocks(guide, "html").get(0).replace("$STEELYARD", app.url()).replace("$PAGE_KEY", page.text());
        shop.createContext("/", call -> {
            byte[] body = ("<!DOCTYPE html><html lang=en>" + html).getBytes(StandardCharsets.UTF_8);
            call.getResponseHeaders().add("Content-Type", "text/html");
            call.sendResponseHeaders(200, body.length);
            call.getResponseBody().write(body);
            call.close();
        });
        shop.start();
        try {
            Page cover = browser.newPage();
            cover.navigate(origin + "/cover");
            cover.locator("[data-field='a.length']").fill("523");
            cover.locator("[data-field='a.width']").fill("211");
            assertThat(cover.locator("#total")).hasText("291.80");
        } finally {
            shop.stop(0);
        }
    }

    @Test
    void everyProblemIsExplained(Http anybody) throws IOException {
        Matcher rows = Pattern.compile("\\| `([a-z-]+)` \\| (\\d+) \\|").matcher(Files.readString(GUIDE));
        List<String> told = new ArrayList<>();
        while (rows.find()) {
            told.add(rows.group(1));
            Http.Answer explained = anybody.get("/api/v1/problems/" + rows.group(1));
            assertThat(explained.body()).contains("(status " + rows.group(2) + ")");
        }
        Matcher ours = Pattern.compile("\\(\"([a-z-]+)\", HttpStatus")
                .matcher(Files.readString(Path.of("src/main/java/dev/steelyard/web/api/Problem.java")));
        while (ours.find()) {
            assertThat(told).contains(ours.group(1));
        }
    }

    private static List<String> blocks(String guide, String language) {
        List<String> blocks = new ArrayList<>();
        Matcher found = Pattern.compile("(?s)```" + language + "\n(.*?)```").matcher(guide);
        while (found.find()) {
            blocks.add(found.group(1));
        }
        return blocks;
    }

    private static String run(String commands) throws IOException, InterruptedException {
        Process shell = new ProcessBuilder("bash", "-c", commands)
                .directory(Files.createTempDirectory("connect").toFile())
                .redirectErrorStream(true)
                .start();
        String said = new String(shell.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(shell.waitFor()).as(said).isZero();
        return said;
    }
}
