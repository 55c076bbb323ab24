package dev.steelyard.web.testing;

import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import dev.steelyard.format.Json;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The OpenAPI document of a running application. Answers are held against it by an independent validator, and may have no
 * field that it does not tell of.
 */
public final class PublishedDocument {

    private static final Map<String, PublishedDocument> BY_URL = new ConcurrentHashMap<>();
    private static final String DOCUMENT = "/api/v1/openapi.json";

    private final JsonNode root;
    private final Map<String, Schema> schemas = new ConcurrentHashMap<>();

    private PublishedDocument(JsonNode root) {
        this.root = root;
        root.path("components").path("schemas").forEach(PublishedDocument::close);
    }

    private static void close(JsonNode schema) {
        if (schema instanceof ObjectNode object && object.has("properties") && !object.has("additionalProperties")) {
            object.put("additionalProperties", false);
        }
    }

    public static PublishedDocument of(String url) {
        return BY_URL.computeIfAbsent(url, PublishedDocument::fetch);
    }

    private static PublishedDocument fetch(String url) {
        try {
            return new PublishedDocument(Json.read(HttpClient.newHttpClient()
                    .send(
                            HttpRequest.newBuilder(URI.create(url + DOCUMENT)).build(),
                            HttpResponse.BodyHandlers.ofString())
                    .body()));
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(interrupted);
        }
    }

    public JsonNode root() {
        return root;
    }

    /** Throws where an answer is not as the document says. */
    public void check(String method, String path, HttpResponse<String> answer) {
        JsonNode call = call(method, path.split("\\?")[0]);
        if (call.isMissingNode()) {
            return; // an address that there is not, or one that is no call of the store
        }
        String type = answer.headers().firstValue("Content-Type").orElse("").split(";")[0];
        JsonNode content = call.at("/responses/" + answer.statusCode()).path("content");
        String place = method + " " + path + " answers " + answer.statusCode();
        if (call.at("/responses/" + answer.statusCode()).isMissingNode()) {
            throw new AssertionError(place + ", of which the document does not tell: " + answer.body());
        }
        if (content.isEmpty() && answer.body().isEmpty()) {
            return;
        }
        JsonNode schema = content.path(type).path("schema");
        if (schema.isMissingNode()) {
            throw new AssertionError(place + " as " + type + ", of which the document does not tell");
        }
        if (!type.endsWith("json")) {
            return;
        }
        Schema told = schemas.computeIfAbsent(schema.toString(), any -> compiled(schema));
        for (String one : type.endsWith("ndjson") ? answer.body().split("\n") : new String[] {answer.body()}) {
            var faults = told.validate(Json.read(one));
            if (!faults.isEmpty()) {
                throw new AssertionError(place + " otherwise than the document says: " + faults + "\n" + one);
            }
        }
    }

    private Schema compiled(JsonNode schema) {
        ObjectNode whole = Json.object();
        whole.put("$schema", "https://json-schema.org/draft/2020-12/schema");
        whole.set("components", root.path("components"));
        whole.set("allOf", Json.array().add(schema));
        return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(whole);
    }

    /** A call of the document; missing where it has none at that address. */
    public JsonNode call(String method, String path) {
        for (Map.Entry<String, JsonNode> one : root.path("paths").properties()) {
            String pattern = one.getKey().replaceAll("\\{[^}]+}", "[^/]+");
            if (path.matches(pattern)) {
                return one.getValue().path(method.toLowerCase(java.util.Locale.ROOT));
            }
        }
        return Json.object().path("none");
    }
}
