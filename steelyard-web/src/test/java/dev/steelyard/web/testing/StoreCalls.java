package dev.steelyard.web.testing;

import dev.steelyard.format.Json;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import tools.jackson.databind.JsonNode;

/** A store that asks by a key; every answer is held against the published document. */
public final class StoreCalls {

    private static final HttpClient CLIENT = HttpClient.newHttpClient();

    private final String url;
    private final String key;
    private final String origin;

    private StoreCalls(String url, String key, String origin) {
        this.url = url;
        this.key = key;
        this.origin = origin;
    }

    public static StoreCalls with(App app, String key) {
        return new StoreCalls(app.url(), key, "");
    }

    /** The same from a page of an origin. */
    public StoreCalls from(String page) {
        return new StoreCalls(url, key, page);
    }

    /** An answer: status, JSON, and the rest of it. */
    public record Answer(int status, JsonNode json, HttpResponse<String> response) {

        public String header(String name) {
            return response.headers().firstValue(name).orElse("");
        }
    }

    public Answer post(String path, String body) {
        return send("POST", path, body);
    }

    public Answer put(String path, String body) {
        return send("PUT", path, body);
    }

    public Answer get(String path, String... headers) {
        return send("GET", path, "", headers);
    }

    /** @param headers names and values in turn */
    public Answer send(String method, String path, String body, String... headers) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(url + path))
                .method(
                        method,
                        body.isEmpty()
                                ? HttpRequest.BodyPublishers.noBody()
                                : HttpRequest.BodyPublishers.ofString(body));
        if (!body.isEmpty()) {
            request.header("Content-Type", "application/json");
        }
        if (!key.isEmpty()) {
            request.header("Authorization", "Bearer " + key);
        }
        if (!origin.isEmpty()) {
            request.header("Origin", origin);
        }
        if (headers.length > 0) {
            request.headers(headers);
        }
        try {
            HttpResponse<String> answer = CLIENT.send(request.build(), HttpResponse.BodyHandlers.ofString());
            String type = answer.headers().firstValue("Content-Type").orElse("");
            JsonNode json = type.contains("json") && !answer.body().isEmpty() && !type.contains("ndjson")
                    ? Json.read(answer.body())
                    : Json.object();
            if (!method.equals("OPTIONS")) {
                PublishedDocument.of(url).check(method, path, answer);
            }
            return new Answer(answer.statusCode(), json, answer);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(interrupted);
        }
    }
}
