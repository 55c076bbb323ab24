package dev.steelyard.web.store.docs;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.PublishedDocument;
import dev.steelyard.web.testing.WithApp;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The page of the API shows every call, to anybody. */
@ExtendWith(WithApp.class)
class DocsPageTest {

    @Test
    void everyCallStandsOnThePage(App app, Http anybody) {
        Http.Answer page = anybody.get("/api/docs");
        assertThat(page.status()).isEqualTo(200);
        assertThat(page.response()
                        .headers()
                        .firstValue("Content-Security-Policy")
                        .orElse(""))
                .contains("script-src 'self'");
        for (Map.Entry<String, JsonNode> path :
                PublishedDocument.of(app.url()).root().path("paths").properties()) {
            for (JsonNode call : path.getValue()) {
                if (call.has("tags")) {
                    assertThat(page.body())
                            .contains("id=\"" + call.path("operationId").asString() + "\"")
                            .contains(path.getKey());
                }
            }
        }
        assertThat(page.text()).contains("lines[].answers").contains("By a server key (prices) or a page key");
    }
}
