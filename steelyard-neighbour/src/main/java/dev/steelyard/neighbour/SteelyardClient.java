package dev.steelyard.neighbour;

import java.io.IOException;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Asks Steelyard by the server key. */
@Component
class SteelyardClient {

    private static final Duration PATIENCE = Duration.ofSeconds(10);

    private final NeighbourSettings settings;
    private final JsonMapper mapper;
    private final HttpClient http =
            HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(3)).build();

    SteelyardClient(NeighbourSettings settings, JsonMapper mapper) {
        this.settings = settings;
        this.mapper = mapper;
    }

    /** Steelyard cannot be reached, or something is wrong there: try again later. */
    static final class Away extends RuntimeException {

        private static final long serialVersionUID = 1L;

        Away(String message, Throwable cause) {
            super(message, cause);
        }

        Away(String message) {
            super(message);
        }
    }

    /** A call was refused; the message is Steelyard's, for people. */
    static final class Refused extends RuntimeException {

        private static final long serialVersionUID = 1L;

        private final int status;

        Refused(int status, String message) {
            super(message);
            this.status = status;
        }

        int status() {
            return status;
        }
    }

    JsonNode get(String path, String language) {
        return send(request(path, language).GET());
    }

    /** @param once the same word for the same thing: sent again, nothing is made twice; empty where nothing is made */
    JsonNode post(String path, JsonNode body, String language, String once) {
        HttpRequest.Builder request = request(path, language)
                .header("Content-Type", "application/json")
                .POST(BodyPublishers.ofString(mapper.writeValueAsString(body)));
        if (!once.isEmpty()) {
            request.header("Idempotency-Key", once);
        }
        return send(request);
    }

    private HttpRequest.Builder request(String path, String language) {
        return HttpRequest.newBuilder(URI.create(settings.steelyard() + path))
                .timeout(PATIENCE)
                .header("Authorization", "Bearer " + settings.serverKey())
                .header("Accept-Language", language);
    }

    private JsonNode send(HttpRequest.Builder request) {
        try {
            var answer = http.send(request.build(), BodyHandlers.ofString());
            if (answer.statusCode() >= 500 || answer.statusCode() == 429) {
                throw new Away("Steelyard answers " + answer.statusCode());
            }
            JsonNode json = mapper.readTree(answer.body());
            if (answer.statusCode() >= 400) {
                throw new Refused(answer.statusCode(), json.path("detail").asString("refused"));
            }
            return json;
        } catch (IOException away) {
            throw new Away("Steelyard cannot be reached", away);
        } catch (InterruptedException stopping) {
            Thread.currentThread().interrupt();
            throw new Away("stopped while waiting", stopping);
        }
    }

    /** What anybody may read of the keys that sign quotes and lines. */
    String publishedKeys() {
        try {
            return http.send(
                            HttpRequest.newBuilder(URI.create(settings.steelyard() + "/.well-known/jwks.json"))
                                    .timeout(PATIENCE)
                                    .build(),
                            BodyHandlers.ofString())
                    .body();
        } catch (IOException away) {
            throw new Away("Steelyard cannot be reached", away);
        } catch (InterruptedException stopping) {
            Thread.currentThread().interrupt();
            throw new Away("stopped while waiting", stopping);
        }
    }

    static String part(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8).replace("+", "%20");
    }
}
