package dev.steelyard.web.store.hooks;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import dev.steelyard.format.Json;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.LaunchedApp;
import dev.steelyard.web.testing.Launches;
import java.io.IOException;
import java.io.Reader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Map;
import java.util.Properties;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** A node is killed while orders come in and are told of: what happened is told, and nothing that did not happen. */
@Launches
class KilledBeforeTellingTest {

    private static final HttpClient CLIENT = HttpClient.newHttpClient();
    private static final Duration PATIENCE = Duration.ofMinutes(2);

    private final AtomicInteger next = new AtomicInteger();
    private final Set<String> answered = ConcurrentHashMap.newKeySet();
    private volatile boolean selling = true;

    @Test
    void everyOrderThatIsThereIsToldUnderOneId(@TempDir Path home) throws Exception {
        try (LaunchedApp app = new LaunchedApp(home, "steelyard.webhooks.patience=1s");
                Receiver store = new Receiver()) {
            app.launch("--demo");
            String key = key(home);
            Http owner = new Http(app.url());
            owner.signIn("maren");
            owner.get("/shop/webhooks");
            owner.post("/shop/webhooks", "do", "add", "address", store.address(), "event", "ORDER_PLACED");
            Thread shop = new Thread(() -> sell(app.url(), key));
            shop.start();
            store.answerAfter(Duration.ofMillis(150)); // so that some always wait
            await().atMost(PATIENCE)
                    .until(() -> answered.size() > 20 && store.got().size() > 2);
            app.kill();
            store.answerAfter(Duration.ZERO);
            int before = answered.size();
            app.launch("--demo");
            await().atMost(PATIENCE).until(() -> answered.size() > before);
            selling = false;
            shop.join();
            Set<String> there = orders(app.url(), key);
            assertThat(there).containsAll(answered);
            await().atMost(PATIENCE).until(() -> told(store).keySet().containsAll(there));
            assertThat(told(store).keySet()).as("told and there").isEqualTo(there);
            assertThat(told(store).values()).allSatisfy(ids -> assertThat(ids).hasSize(1));
        }
    }

    private static Map<String, Set<String>> told(Receiver store) {
        return store.got().stream()
                .collect(Collectors.groupingBy(
                        one -> one.json().at("/data/number").asString(),
                        Collectors.mapping(Receiver.Got::id, Collectors.toSet())));
    }

    private void sell(String url, String key) {
        while (selling) {
            String number = "K-" + next.incrementAndGet();
            try {
                HttpResponse<String> answer = call(
                        url,
                        key,
                        "/api/v1/orders",
                        "{\"number\": \"" + number
                                + "\", \"charged\": \"15.00\", \"lines\": [{\"sku\": \"BRU-1\", \"quantity\": 1}]}");
                if (answer.statusCode() == 201) {
                    answered.add(number);
                }
            } catch (IOException away) {
                await().pollDelay(Duration.ofMillis(200)).until(() -> true);
            }
        }
    }

    private static Set<String> orders(String url, String key) throws IOException {
        Set<String> numbers = new TreeSet<>();
        for (String after = null; after == null || !after.isEmpty(); ) {
            JsonNode page = Json.read(
                    call(url, key, "/api/v1/orders?sold=store&limit=200" + (after == null ? "" : "&after=" + after), "")
                            .body());
            page.path("orders")
                    .forEach(order -> numbers.add(order.path("number").asString()));
            after = page.path("next").asString();
        }
        return numbers;
    }

    private static HttpResponse<String> call(String url, String key, String path, String body) throws IOException {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(url + path))
                .header("Authorization", "Bearer " + key)
                .timeout(Duration.ofSeconds(20));
        if (!body.isEmpty()) {
            request.header("Content-Type", "application/json").POST(HttpRequest.BodyPublishers.ofString(body));
        }
        try {
            return CLIENT.send(request.build(), HttpResponse.BodyHandlers.ofString());
        } catch (InterruptedException stopping) {
            throw new IllegalStateException(stopping);
        }
    }

    private static String key(Path home) throws IOException {
        Path settings = home.resolve("neighbour.properties");
        await().atMost(PATIENCE).until(() -> Files.exists(settings));
        Properties kept = new Properties();
        try (Reader in = Files.newBufferedReader(settings)) {
            kept.load(in);
        }
        return kept.getProperty("serverKey");
    }
}
