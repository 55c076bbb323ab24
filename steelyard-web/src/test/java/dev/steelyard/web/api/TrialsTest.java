package dev.steelyard.web.api;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.format.Json;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.WithApp;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(WithApp.class)
class TrialsTest {

    private static final String BRUSHES =
            """
            {"product": {"sku": "BRU-1", "shelfPrice": "15.00"}, "card": {"name": "Brushes"%s},
             "orders": [%s]}
            """;

    @Test
    void theWorkedExamplesHold(Http developer) throws IOException {
        JsonNode answers = ok(developer, examples());
        int orders = 0;
        for (JsonNode document : answers) {
            for (JsonNode order : document.get("orders")) {
                assertThat(order.get("asExpected").booleanValue())
                        .as(order.toString())
                        .isTrue();
                orders++;
            }
        }
        assertThat(orders).isEqualTo(104);
    }

    @Test
    void anOrderIsAnsweredWithItsReckoning(Http developer) {
        JsonNode order =
                ok(developer, BRUSHES.formatted("", "{\"quantity\": 3}")).at("/orders/0");
        assertThat(order.at("/line").stringValue()).isEqualTo("45.00");
        assertThat(order.at("/unit").stringValue()).isEqualTo("15.00");
        assertThat(order.at("/reckoning/steps/1/detail").stringValue()).isEqualTo("3 × 15.00");
    }

    @Test
    void aRefusedOrderSaysWhereAndWhatIsAllowed(Http developer) {
        String asks = ", \"asks\": [{\"measurement\": \"len\", \"label\": \"Length\", \"kind\": \"length\","
                + " \"unit\": \"m\", \"max\": 3}]";
        JsonNode order = ok(developer, BRUSHES.formatted(asks, "{\"quantity\": 1, \"answers\": {\"len\": 4}}"))
                .at("/orders/0");
        assertThat(order.get("refused").stringValue()).isEqualTo("len");
        assertThat(order.get("message").stringValue())
                .isEqualTo("Length is too large: 4 m was given; it can be at most 3 m");
    }

    @Test
    void theShopsOwnCurrencyCountsWhereNoneIsSaid(Http developer) {
        assertThat(ok(developer, BRUSHES.formatted("", "")).get("currency").stringValue())
                .isEqualTo("EUR");
    }

    @Test
    void findingsComeWhenAskedForWithAMendAsAPatch(Http developer) {
        String ladder = ", \"ladder\": {\"mode\": \"all-units\", \"value\": \"price\","
                + " \"rows\": [{\"from\": 10, \"value\": \"12.00\"}]}";
        Http.Answer answer =
                developer.postBody("/api/v1/trials?findings=true", "application/json", BRUSHES.formatted(ladder, ""));
        JsonNode cliff = Json.read(answer.body()).at("/findings/0");
        assertThat(cliff.get("code").stringValue()).isEqualTo("cliff");
        assertThat(cliff.get("found").stringValue()).isEqualTo("analysis");
        assertThat(cliff.at("/mend/0").toString())
                .isEqualTo("{\"op\":\"add\",\"path\":\"/ladder/noCliffs\",\"value\":true}");
    }

    @Test
    void theSchemaIsPublished(Http developer) {
        assertThat(developer.get("/api/v1/schema").body()).contains("https://json-schema.org/draft/2020-12/schema");
    }

    @Test
    void aDocumentThatCannotBeUsedNamesEachPlace(Http developer) {
        JsonNode problem = problem(
                developer,
                BRUSHES.formatted(", \"colour\": 1, \"cases\": [{\"piece\": {\"formula\": \"2\"}}]", ""),
                422,
                "document");
        assertThat(problem.at("/issues/0/at").stringValue()).isEqualTo("/card/colour");
        JsonNode formula = problem(
                developer, BRUSHES.formatted(", \"cases\": [{\"piece\": {\"formula\": \"2\"}}]", ""), 422, "document");
        assertThat(formula.at("/issues/0/at").stringValue()).isEqualTo("/card/cases/0/piece/formula");
        assertThat(formula.at("/issues/0/replacement").stringValue()).isEqualTo("2 EUR");
    }

    @Test
    void eachLimitIsNamed(Http developer) {
        problem(developer, "{" + " ".repeat(1_000_001) + "}", 413, "body-too-large");
        problem(developer, "[".repeat(200), 422, "document");
        problem(developer, "{", 422, "document");
        String many = Stream.generate(() -> "{\"quantity\": 1}").limit(1001).collect(Collectors.joining(","));
        assertThat(problem(developer, BRUSHES.formatted("", many), 422, "too-many-orders")
                        .get("detail")
                        .stringValue())
                .isEqualTo("A request has at most 1000 orders, not 1001");
        String list = Stream.generate(() -> BRUSHES.formatted("", "")).limit(51).collect(Collectors.joining(","));
        problem(developer, "[" + list + "]", 422, "too-many-documents");
        String long1 = "1 EUR" + " + 1 EUR".repeat(1000);
        assertThat(problem(
                                developer,
                                BRUSHES.formatted(", \"cases\": [{\"piece\": {\"formula\": \"" + long1 + "\"}}]", ""),
                                422,
                                "document")
                        .get("detail")
                        .stringValue())
                .contains("4000 characters");
        assertThat(developer.postBody("/api/v1/trials", "text/plain", "{}").status())
                .isEqualTo(415);
        assertThat(developer.get("/api/v1/problems/too-many-orders").body())
                .isEqualTo("There are too many orders (status 422).");
        assertThat(developer.get("/api/v1/problems/none").status()).isEqualTo(404);
    }

    private static String examples() throws IOException {
        try (InputStream in = TrialsTest.class.getResourceAsStream("/examples/lines.json")) {
            return new String(Objects.requireNonNull(in).readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    private static JsonNode ok(Http developer, String body) {
        Http.Answer answer = developer.postBody("/api/v1/trials", "application/json", body);
        assertThat(answer.status()).as(answer.body()).isEqualTo(200);
        return Json.read(answer.body());
    }

    private static JsonNode problem(Http developer, String body, int status, String code) {
        Http.Answer answer = developer.postBody("/api/v1/trials", "application/json", body);
        assertThat(answer.status()).as(answer.body()).isEqualTo(status);
        assertThat(answer.response().headers().firstValue("Content-Type")).hasValue("application/problem+json");
        JsonNode problem = Json.read(answer.body());
        assertThat(problem.get("type").stringValue()).isEqualTo("/api/v1/problems/" + code);
        assertThat(problem.get("status").intValue()).isEqualTo(status);
        return problem;
    }
}
