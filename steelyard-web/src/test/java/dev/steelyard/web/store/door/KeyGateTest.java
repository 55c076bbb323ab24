package dev.steelyard.web.store.door;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.store.keys.KeyKind;
import dev.steelyard.web.store.keys.KeyRight;
import dev.steelyard.web.store.keys.KeyWish;
import dev.steelyard.web.store.keys.Keys;
import dev.steelyard.web.store.keys.MadeKeys;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.StoreCalls;
import dev.steelyard.web.testing.StoreCalls.Answer;
import dev.steelyard.web.testing.WithApp;
import java.io.IOException;
import java.net.InetAddress;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Only keys that are good, with the right to it, from the pages they are for, and not too often. */
@ExtendWith(WithApp.class)
class KeyGateTest {

    private static final String PRICES = "/api/v1/prices";
    private static final String BODY = "{\"together\": true, \"lines\": [{\"sku\": \"BRU-1\", \"quantity\": 1}]}";

    @Test
    void withoutAKeyNothingIsTold(App app) {
        Answer none = StoreCalls.with(app, "").post(PRICES, BODY);
        isProblem(none, 401, "no-key", "Send a key as “Authorization: Bearer");
        assertThat(none.header("WWW-Authenticate")).startsWith("Bearer");
        isProblem(
                StoreCalls.with(app, "steelyard_server_x").post(PRICES, BODY),
                401,
                "key-not-good",
                "No key is written");
    }

    @Test
    void aKeyThatWasTakenBackOrIsOverIsRefused(App app) {
        Keys.Made made = MadeKeys.server(app);
        StoreCalls calls = StoreCalls.with(app, made.text());
        assertThat(calls.post(PRICES, BODY).status()).isEqualTo(200);
        app.bean(Keys.class).takeBack(made.key().id(), "Maren");
        isProblem(calls.post(PRICES, BODY), 401, "key-not-good", "server key Warehouse was taken back");
        Keys.Made old = MadeKeys.make(
                app,
                KeyKind.SERVER,
                new KeyWish("Old", Set.of(KeyRight.PRICES), List.of(), 9, 9, LocalDate.of(2024, 5, 1)));
        isProblem(StoreCalls.with(app, old.text()).post(PRICES, BODY), 401, "key-not-good", "was 2024-05-01");
    }

    @Test
    void aKeyMayOnlyWhatItsRightsSay(App app) {
        isProblem(
                MadeKeys.calls(app, KeyRight.ORDERS).post(PRICES, BODY),
                403,
                "no-right",
                "may not “prices”, only “orders”");
    }

    @Test
    void aKeySaysWhatItIsGoodFor(App app) {
        Answer server = MadeKeys.calls(app, KeyRight.ORDERS).get("/api/v1/key");
        assertThat(server.json().path("rights").toString()).isEqualTo("[\"orders\"]");
        assertThat(server.json().path("kind").asString()).isEqualTo("server");
    }

    @Test
    void aPageKeyIsGoodOnItsPagesOnly(App app) {
        StoreCalls calls = StoreCalls.with(app, MadeKeys.page(app).text());
        Answer good = calls.from(MadeKeys.PAGE).post(PRICES, BODY);
        assertThat(good.status()).isEqualTo(200);
        assertThat(good.header("Access-Control-Allow-Origin")).isEqualTo("*");
        Answer stranger = calls.from("https://stranger.example").post(PRICES, BODY);
        isProblem(stranger, 403, "other-page", "not good on pages of https://stranger.example");
        assertThat(stranger.header("Access-Control-Allow-Origin")).isEqualTo("*"); // so that the panel can say why
        isProblem(calls.post(PRICES, BODY), 403, "other-page", "no origin");
    }

    @Test
    void browsersAreToldBeforehandWhatTheyMaySend(App app) {
        Answer asked = StoreCalls.with(app, "")
                .from(MadeKeys.PAGE)
                .send(
                        "OPTIONS",
                        PRICES,
                        "",
                        "Access-Control-Request-Method",
                        "POST",
                        "Access-Control-Request-Headers",
                        "authorization,content-type");
        assertThat(asked.status()).isEqualTo(200);
        assertThat(asked.header("Access-Control-Allow-Headers")).contains("authorization");
    }

    @Test
    void tooManyCallsAreToldWhenToComeBack(App app) {
        Keys.Made slow =
                MadeKeys.make(app, KeyKind.SERVER, new KeyWish("Slow", Set.of(KeyRight.PRICES), List.of(), 1, 2, null));
        StoreCalls calls = StoreCalls.with(app, slow.text());
        Answer first = calls.post(PRICES, BODY);
        assertThat(first.header("RateLimit-Policy")).isEqualTo("\"key\";q=2;w=2");
        assertThat(first.header("RateLimit")).startsWith("\"key\";r=1");
        calls.post(PRICES, BODY);
        Answer third = calls.post(PRICES, BODY);
        isProblem(third, 429, "too-often", "may make 2 calls at once and 1 a second");
        assertThat(third.header("Retry-After")).isEqualTo("1");
        assertThat(MadeKeys.calls(app).post(PRICES, BODY).status()).isEqualTo(200); // others are not held up
    }

    /** Calls pass no filter for pages; no way leads through their addresses to a page. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "/api/v1/../../shop/people",
                "/api/v1/%2e%2e/%2e%2e/shop/people",
                "/api/v1/..;/..;/shop/people",
                "/api/v1/;/../../shop/people",
                "/panel/../shop/people",
                "/.well-known/..%2fshop/people",
                "/api/v1//../../shop/people"
            })
    void noPageIsReachedThroughTheAddressesOfCalls(String path, App app) throws IOException {
        assertThat(raw(app, path, "127.0.0.1", ""))
                .doesNotContain("who works here")
                .doesNotStartWith("HTTP/1.1 200");
    }

    @Test
    void callsForAnotherHostAreRefused(App app) throws IOException {
        String key = "Authorization: Bearer " + MadeKeys.server(app).text() + "\r\n";
        assertThat(raw(app, "/api/v1/key", "127.0.0.1", key)).startsWith("HTTP/1.1 200");
        assertThat(raw(app, "/api/v1/key", "prices.example", key)).startsWith("HTTP/1.1 400");
    }

    private static String raw(App app, String path, String host, String header) throws IOException {
        try (Socket socket = new Socket(
                InetAddress.getLoopbackAddress(), URI.create(app.url()).getPort())) {
            socket.getOutputStream()
                    .write(("GET " + path + " HTTP/1.1\r\nHost: " + host + "\r\n" + header
                                    + "Connection: close\r\n\r\n")
                            .getBytes(StandardCharsets.US_ASCII));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    @ParameterizedTest
    @CsvSource({"POST, /api/v1/prices", "PUT, /api/v1/goods", "POST, /api/v1/orders"})
    void aBodyOf100MegabytesIsToldSoAndNotKept(String method, String path, App app) throws Exception {
        byte[] part = " ".repeat(1_000_000).getBytes(StandardCharsets.US_ASCII);
        HttpResponse<String> answer = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(app.url() + path))
                                .header(
                                        "Authorization",
                                        "Bearer " + MadeKeys.server(app).text())
                                .header("Content-Type", "application/json")
                                .method(method, HttpRequest.BodyPublishers.ofByteArrays(Collections.nCopies(100, part)))
                                .build(),
                        HttpResponse.BodyHandlers.ofString());
        assertThat(answer.statusCode()).isEqualTo(413);
        assertThat(answer.body()).contains("A body has at most").contains("this one has more");
    }

    @Test
    void whenAKeyWasLastUsedIsWrittenDown(App app) {
        Keys.Made made = MadeKeys.server(app);
        StoreCalls.with(app, made.text()).post(PRICES, BODY);
        app.bean(Keys.class).follow();
        assertThat(app.bean(Keys.class).find(made.key().id()).orElseThrow().usedAt())
                .isNotNull();
    }

    private static void isProblem(Answer answer, int status, String type, String words) {
        assertThat(answer.status()).isEqualTo(status);
        assertThat(answer.header("Content-Type")).startsWith("application/problem+json");
        assertThat(answer.json().path("type").asString()).isEqualTo("/api/v1/problems/" + type);
        assertThat(answer.json().path("detail").asString()).contains(words);
    }
}
