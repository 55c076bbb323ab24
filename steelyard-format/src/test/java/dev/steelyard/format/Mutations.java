package dev.steelyard.format;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Changes one thing in a document, as typing mistakes and programs gone wrong do. */
final class Mutations {

    private static final List<String> ODD = List.of(
            "null",
            "true",
            "7",
            "-1",
            "0",
            "\"1e999999999\"",
            "0.0000000000000000000000000000000001",
            "\"\"",
            "\"x\"",
            "\"6,90\"",
            "\" 5\"",
            "\"pieces\"",
            "\"m\"",
            "\"=1/0\"",
            "\"((((\"",
            "\"\\u0000\"",
            "[]",
            "{}",
            "[null]",
            "[[]]",
            "{\"x\":1}",
            "[{}]",
            "\"2027-13-45\"",
            "\"9^9^9^9\"",
            "999999999999999999999999999999");

    private final Random random;

    Mutations(long seed) {
        this.random = new Random(seed);
    }

    /** A copy with one to three changes. */
    JsonNode of(JsonNode document) {
        JsonNode copy = document.deepCopy();
        for (int i = 0; i <= random.nextInt(3); i++) {
            change(copy);
        }
        return copy;
    }

    private void change(JsonNode root) {
        List<JsonNode> places = new ArrayList<>();
        collect(root, places);
        JsonNode place = places.get(random.nextInt(places.size()));
        if (place instanceof ObjectNode object) {
            List<String> names = new ArrayList<>(object.propertyNames());
            String name = names.isEmpty() ? "x" : names.get(random.nextInt(names.size()));
            switch (random.nextInt(4)) {
                case 0 -> object.remove(name);
                case 1 -> object.put(name + "x", 1);
                case 2 -> object.set(name, place.deepCopy());
                default -> object.set(name, odd());
            }
        } else if (place instanceof ArrayNode array) {
            switch (random.nextInt(3)) {
                case 0 -> array.removeAll();
                case 1 -> array.add(odd());
                default -> {
                    if (!array.isEmpty()) {
                        array.set(random.nextInt(array.size()), odd());
                    }
                }
            }
        }
    }

    private JsonNode odd() {
        return Json.read(ODD.get(random.nextInt(ODD.size())));
    }

    private static void collect(JsonNode node, List<JsonNode> places) {
        if (node.isObject() || node.isArray()) {
            places.add(node);
            node.forEach(child -> collect(child, places));
        }
    }
}
