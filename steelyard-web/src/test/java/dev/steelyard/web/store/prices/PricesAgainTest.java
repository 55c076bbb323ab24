package dev.steelyard.web.store.prices;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.store.keys.MadeKeys;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.DemoCards;
import dev.steelyard.web.testing.StoreCalls;
import dev.steelyard.web.testing.StoreCalls.Answer;
import dev.steelyard.web.testing.WithApp;
import io.micrometer.core.instrument.MeterRegistry;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What is asked again is told as if it had been priced anew. */
@ExtendWith(WithApp.class)
class PricesAgainTest {

    private static final String PRICES = "/api/v1/prices";
    private static final String BRUSH =
            "{\"together\": true, \"lines\": [{\"id\": \"a\", \"sku\": \"BRU-1\", \"quantity\": 12}]}";

    private static List<Answer> asked(StoreCalls calls, String body, int times) {
        List<Answer> answers = new ArrayList<>();
        for (int i = 0; i < times; i++) {
            answers.add(calls.post(PRICES, body));
        }
        return answers;
    }

    private static JsonNode withoutMoment(Answer answer) {
        return ((ObjectNode) answer.json().deepCopy()).without("at");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                BRUSH,
                "{\"together\": false, \"lines\": [{\"sku\": \"at\", \"id\": \"\\\"at\\\":\\\"\", \"quantity\": 1}, {\"sku\": \"BRU-1\", \"quantity\": 3}]}",
                "{\"together\": true, \"reckoning\": true, \"customer\": {\"group\": \"Boatyard\"}, \"lines\": [{\"sku\": \"SHK-8\","
                        + " \"quantity\": 30}]}"
            })
    void theSameIsToldWithTheMomentOfNow(String body, App app) {
        Instant begun = Instant.now();
        List<Answer> answers = asked(MadeKeys.calls(app), body, 5);
        Set<JsonNode> told = new HashSet<>();
        Instant last = begun.minusMillis(1);
        for (Answer answer : answers) {
            assertThat(answer.status()).isEqualTo(200);
            assertThat(answer.header("Content-Language")).isEqualTo("en");
            assertThat(answer.header("Content-Type")).isEqualTo("application/json");
            told.add(withoutMoment(answer));
            Instant at = Instant.parse(answer.json().path("at").asString());
            assertThat(at).isBetween(last, Instant.now());
            last = at;
        }
        assertThat(told).hasSize(1);
        assertThat(answers.get(4).json().path("at"))
                .isNotEqualTo(answers.get(0).json().path("at"));
    }

    @Test
    void whatGoesLiveIsToldAtOnce(App app) {
        StoreCalls calls = MadeKeys.calls(app);
        JsonNode before = withoutMoment(asked(calls, BRUSH, 4).get(3));
        DemoCards.takeAway(app);
        JsonNode after = withoutMoment(asked(calls, BRUSH, 1).get(0));
        assertThat(after.path("revision").asLong())
                .isGreaterThan(before.path("revision").asLong());
        assertThat(after.path("lines")).isNotEqualTo(before.path("lines"));
    }

    @Test
    void eachLineIsSignedAnewAndEachMomentPricedByItself(App app) {
        StoreCalls calls = MadeKeys.calls(app);
        Set<String> tokens = new HashSet<>();
        asked(calls, BRUSH.replace("{\"together\"", "{\"tokens\": true, \"together\""), 4)
                .forEach(answer -> tokens.add(answer.json().at("/lines/0/token").asString()));
        assertThat(tokens).hasSize(4).doesNotContain("");
        asked(calls, BRUSH.replace("{\"together\"", "{\"at\": \"2027-04-01T09:30:00+02:00\", \"together\""), 4)
                .forEach(answer ->
                        assertThat(answer.json().path("at").asString()).isEqualTo("2027-04-01T07:30:00Z"));
    }

    @Test
    void anotherKeyOrLanguageHasAnswersOfItsOwn(App app) {
        StoreCalls calls = MadeKeys.calls(app);
        String refused = "{\"together\": true, \"lines\": [{\"sku\": \"BRU-1\", \"quantity\": 0}]}";
        String english = asked(calls, refused, 3)
                .get(2)
                .json()
                .at("/lines/0/refused/say")
                .asString();
        String german = calls.send("POST", PRICES, refused, "Accept-Language", "de")
                .json()
                .at("/lines/0/refused/say")
                .asString();
        assertThat(german).isNotEqualTo(english).isNotEmpty();
        assertThat(StoreCalls.with(app, "steelyard_server_none")
                        .post(PRICES, BRUSH)
                        .status())
                .isEqualTo(401);
    }

    @Test
    void whatIsWrongIsRefusedEachTimeAndLinesAreCountedEachTime(App app) {
        StoreCalls calls = MadeKeys.calls(app);
        asked(calls, "{\"together\": true, \"lines\": [}", 4)
                .forEach(answer -> assertThat(answer.status()).isEqualTo(422));
        double before = counted(app, "priced");
        double refusedBefore = counted(app, "refused");
        asked(
                calls,
                "{\"together\": true, \"lines\": [{\"sku\": \"BRU-1\", \"quantity\": 2}, {\"sku\": \"NONE\", \"quantity\": 2}]}",
                5);
        assertThat(counted(app, "priced") - before).isEqualTo(5);
        assertThat(counted(app, "refused") - refusedBefore).isEqualTo(5);
    }

    private static double counted(App app, String outcome) {
        return app.bean(MeterRegistry.class)
                .get("steelyard.prices")
                .tag("outcome", outcome)
                .counter()
                .count();
    }
}
