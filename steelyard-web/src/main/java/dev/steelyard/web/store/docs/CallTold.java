package dev.steelyard.web.store.docs;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;

/**
 * A call as the page of the API shows it, read off the published document.
 *
 * @param keys by which it can be made; empty where none is needed
 * @param parameters of the address
 * @param sent fields of the body; empty where it takes none
 * @param answered fields of the answer
 * @param refusals statuses it can be refused with, in words
 * @param example a body that runs; empty where it takes none
 */
record CallTold(
        String id,
        String tag,
        String method,
        String path,
        String summary,
        String description,
        List<String> keys,
        List<Field> parameters,
        List<Field> sent,
        List<Field> answered,
        List<String> refusals,
        String example) {

    private static final int DEEPEST = 4;

    /** A field, by the way to it: {@code lines[].sku}. */
    record Field(String name, String type, boolean needed, String words) {}

    /** All calls of a document, in its order within each tag. */
    static List<CallTold> of(JsonNode document) {
        List<CallTold> calls = new ArrayList<>();
        for (Map.Entry<String, JsonNode> path : document.path("paths").properties()) {
            for (Map.Entry<String, JsonNode> call : path.getValue().properties()) {
                if (call.getValue().has("tags")) {
                    calls.add(of(document, path.getKey(), call.getKey(), call.getValue()));
                }
            }
        }
        return calls;
    }

    private static CallTold of(JsonNode document, String path, String method, JsonNode call) {
        JsonNode body = call.at("/requestBody/content/application~1json");
        List<Field> sent = new ArrayList<>();
        fields(document, body.path("schema"), "", 0, sent);
        List<Field> answered = new ArrayList<>();
        List<String> refusals = new ArrayList<>();
        for (Map.Entry<String, JsonNode> answer : call.path("responses").properties()) {
            if (answer.getKey().startsWith("2")) {
                fields(document, answer.getValue().at("/content/application~1json/schema"), "", 0, answered);
            } else {
                refusals.add(answer.getKey() + ": "
                        + answer.getValue().path("description").asString(""));
            }
        }
        Set<String> keys = new LinkedHashSet<>();
        call.path("security").forEach(one -> one.properties().forEach(key -> keys.add(key(key))));
        return new CallTold(
                call.path("operationId").asString(""),
                call.at("/tags/0").asString(""),
                method.toUpperCase(Locale.ROOT),
                path,
                call.path("summary").asString(""),
                call.path("description").asString(""),
                List.copyOf(keys),
                call.path("parameters")
                        .valueStream()
                        .map(one -> new Field(
                                one.path("name").asString(""),
                                one.path("in").asString(""),
                                one.path("required").asBoolean(false),
                                one.path("description").asString("")))
                        .toList(),
                sent,
                answered,
                refusals,
                body.has("example") ? body.path("example").toPrettyString() : "");
    }

    private static String key(Map.Entry<String, JsonNode> key) {
        String rights = key.getValue().valueStream().map(JsonNode::asString).collect(Collectors.joining(", "));
        return key.getKey() + (rights.isEmpty() ? "" : " (" + rights + ")");
    }

    private static void fields(JsonNode document, JsonNode schema, String before, int depth, List<Field> to) {
        JsonNode known = resolved(document, schema);
        Set<String> needed =
                known.path("required").valueStream().map(JsonNode::asString).collect(Collectors.toSet());
        for (Map.Entry<String, JsonNode> one : known.path("properties").properties()) {
            JsonNode type = resolved(document, one.getValue());
            boolean list = type.path("type").asString("").equals("array");
            String name = before + one.getKey() + (list ? "[]" : "");
            String words = one.getValue()
                    .path("description")
                    .asString(type.path("description").asString(""));
            JsonNode example = one.getValue().path("example");
            to.add(new Field(
                    name,
                    type(type, list),
                    needed.contains(one.getKey()),
                    words
                            + (example.isValueNode() && !example.isMissingNode()
                                    ? " (such as " + example.asString() + ")"
                                    : "")));
            if (depth < DEEPEST) {
                fields(document, list ? type.path("items") : type, name + ".", depth + 1, to);
            }
        }
    }

    private static String type(JsonNode type, boolean list) {
        String items = list ? type.path("items").path("type").asString("") : "";
        return list
                ? "list" + (items.isEmpty() ? "" : " of " + items)
                : type.path("type").asString("value");
    }

    private static JsonNode resolved(JsonNode document, JsonNode schema) {
        String reference = schema.path("$ref").asString("");
        return reference.isEmpty() ? schema : document.at(reference.substring(1));
    }
}
