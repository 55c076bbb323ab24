package dev.steelyard.web.store.docs;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.format.Json;
import dev.steelyard.web.store.keys.MadeKeys;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.PublishedDocument;
import dev.steelyard.web.testing.StoreCalls;
import dev.steelyard.web.testing.StoreCalls.Answer;
import dev.steelyard.web.testing.WithApp;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The published document tells of every call, and is true. */
@ExtendWith(WithApp.class)
class OpenApiTest {

    @Test
    void itIsReadWithoutAKeyAndNamesWhatItRefersTo(App app) {
        Answer answer = StoreCalls.with(app, "").get("/api/v1/openapi.json");
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.json().path("openapi").asString()).startsWith("3.1");
        assertThat(answer.json().at("/components/schemas").propertyNames())
                .allMatch(name -> name.matches("[a-zA-Z0-9._-]+"));
        String text = answer.response().body();
        for (String reference : text.split("#/components/schemas/")) {
            String name = reference.split("\"")[0];
            assertThat(text.startsWith(reference)
                            || answer.json().at("/components/schemas").has(name))
                    .as(name)
                    .isTrue();
        }
    }

    /** The reader of a body knows the fields that the document tells of, and no others. */
    @Test
    void bodiesHaveTheFieldsThatAreRead(App app) {
        StoreCalls calls = MadeKeys.calls(app);
        JsonNode root = PublishedDocument.of(app.url()).root();
        int seen = 0;
        for (Map.Entry<String, JsonNode> path : root.path("paths").properties()) {
            for (Map.Entry<String, JsonNode> call : path.getValue().properties()) {
                String body = call.getValue()
                        .at("/requestBody/content/application~1json/schema/$ref")
                        .asString("");
                if (!body.isEmpty()) {
                    seen++;
                    JsonNode told = root.at(body.substring(1)).path("properties");
                    String fault = calls.send(
                                    call.getKey().toUpperCase(java.util.Locale.ROOT),
                                    path.getKey(),
                                    "{\"nonsense\": 1}")
                            .json()
                            .path("issues")
                            .valueStream()
                            .filter(one -> one.path("at").asString().equals("/nonsense"))
                            .findFirst()
                            .orElseThrow()
                            .path("message")
                            .asString();
                    List<String> read = Arrays.asList(
                            fault.substring(fault.indexOf("there are ") + 10).split(", "));
                    assertThat(new TreeSet<>(read)).as(path.getKey()).isEqualTo(new TreeSet<>(told.propertyNames()));
                }
            }
        }
        assertThat(seen).isPositive();
    }

    /** The examples that are shown run, and come to something. */
    @Test
    void everyCallThatTakesABodyHasAnExampleThatRuns(App app) {
        StoreCalls calls = MadeKeys.calls(app);
        for (Map.Entry<String, JsonNode> path :
                PublishedDocument.of(app.url()).root().path("paths").properties()) {
            for (Map.Entry<String, JsonNode> call : path.getValue().properties()) {
                JsonNode body = call.getValue().at("/requestBody/content/application~1json");
                if (!body.isMissingNode()) {
                    assertThat(body.has("example")).as(path.getKey()).isTrue();
                    Answer answer = calls.send(
                            call.getKey().toUpperCase(java.util.Locale.ROOT),
                            path.getKey(),
                            Json.write(body.path("example")),
                            "Idempotency-Key",
                            "example" + path.getKey());
                    assertThat(answer.status()).as(answer.response().body()).isBetween(200, 299);
                }
            }
        }
    }
}
