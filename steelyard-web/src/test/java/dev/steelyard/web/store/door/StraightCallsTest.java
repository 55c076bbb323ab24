package dev.steelyard.web.store.door;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.store.keys.KeyRight;
import dev.steelyard.web.store.keys.MadeKeys;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.StoreCalls;
import dev.steelyard.web.testing.StoreCalls.Answer;
import dev.steelyard.web.testing.WithApp;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A call is told the same by the short way as by the dispatcher, which it takes from a page. */
@ExtendWith(WithApp.class)
class StraightCallsTest {

    /** What differs from one call to the next, and what only pages are told. */
    private static final List<String> OWN = List.of(
            "access-control-allow-origin",
            "access-control-expose-headers",
            "date",
            "ratelimit",
            "vary",
            "x-request-id");

    @Test
    void theCallsThatStoresMakeMostAreAmongThem(App app) {
        assertThat(app.bean(StraightCalls.class).all())
                .contains("GET/api/v1/key", "POST/api/v1/prices", "POST/api/v1/baskets/price")
                .noneMatch(call -> call.contains("trials") || call.contains("{"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            nullValues = "none",
            value = {
                "GET | /api/v1/key | ''",
                "POST | /api/v1/prices | {\"together\": true, \"lines\": [{\"sku\": \"BRU-1\", \"quantity\": 2}]}",
                "POST | /api/v1/prices | {\"lines\": [{\"sku\": \"BRU-1\", \"quantity\": 0}, {\"sku\": \"NOTHING\"}]}",
                "POST | /api/v1/prices | {\"lines\": [",
                "POST | /api/v1/prices | {\"lines\": [], \"linse\": []}",
                "POST | /api/v1/prices | ''",
                "POST | /api/v1/baskets/price | {\"lines\": [{\"sku\": \"SHK-8\", \"quantity\": 30}]}",
                "GET | /api/v1/prices | ''",
            })
    void theShortWayTellsTheSame(String method, String path, String body, App app) {
        StoreCalls calls = MadeKeys.calls(app);
        isTheSame(calls.send(method, path, body), calls.from(MadeKeys.PAGE).send(method, path, body));
    }

    @Test
    void keysAreAskedForOnBothWays(App app) {
        for (String key : List.of("", "steelyard_server_x", MadeKeys.page(app).text())) {
            StoreCalls calls = StoreCalls.with(app, key);
            Answer answer = calls.get("/api/v1/key");
            assertThat(answer.status()).isIn(401, 403);
            if (!key.startsWith("steelyard_page")) { // whose page it is decides there
                isTheSame(answer, calls.from(MadeKeys.PAGE).get("/api/v1/key"));
            }
        }
    }

    /** What is wished for picks of what there is, and is no fault where there is nothing of it. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "/api/v1/key | text/html | application/json",
                "/api/v1/key | nonsense | application/json",
                "/api/v1/changes?after=0 | image/png | application/json",
                "/api/v1/goods | text/html | application/json",
                "/api/v1/goods | */* | application/json",
                "/api/v1/goods | application/x-ndjson | application/x-ndjson",
                "/api/v1/orders | text/html, application/xml | application/json",
                "/api/v1/goods | text/html, application/x-ndjson | application/x-ndjson",
                "/api/v1/goods/NOTHING | text/html | application/problem+json",
            })
    void whateverIsWishedForIsAnswered(String path, String wish, String told, App app) {
        Answer answer = MadeKeys.calls(app, KeyRight.values()).get(path, "Accept", wish);
        assertThat(answer.header("Content-Type")).startsWith(told);
        assertThat(answer.status()).isLessThan(500);
    }

    private static void isTheSame(Answer shortly, Answer usually) {
        assertThat(shortly.status()).isEqualTo(usually.status());
        assertThat(withoutMoment(shortly)).isEqualTo(withoutMoment(usually));
        assertThat(headers(shortly)).isEqualTo(headers(usually));
    }

    private static String withoutMoment(Answer answer) {
        return answer.json().toString().replaceAll("\"at\":\"[^\"]*\"", "");
    }

    private static Map<String, List<String>> headers(Answer answer) {
        Map<String, List<String>> headers =
                new TreeMap<>(answer.response().headers().map());
        headers.keySet().removeAll(OWN);
        return headers;
    }
}
