package dev.steelyard.format;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import tools.jackson.databind.JsonNode;

/**
 * How many of something a document may hold where strangers send it: looked at before anything else is done with it, so
 * that no document is read, checked or priced that would take long.
 */
public final class Sizes {

    /** The most entries of a list, by the name of its field; any other list has at most {@value #OTHER}. */
    public static final Map<String, Integer> MOST = Map.copyOf(new TreeMap<>(Map.ofEntries(
            Map.entry("orders", 1000),
            Map.entry("before", 100),
            Map.entry("baskets", 1000),
            Map.entry("lines", 1000),
            Map.entry("deals", 200),
            Map.entry("products", 1000),
            Map.entry("variants", 200),
            Map.entry("cards", 50),
            Map.entry("asks", 50),
            Map.entry("options", 200),
            Map.entry("limits", 50),
            Map.entry("namedRates", 100),
            Map.entry("shown", 20),
            Map.entry("cases", 200),
            Map.entry("packs", 200),
            Map.entry("columns", 100),
            Map.entry("rows", 1000),
            Map.entry("prices", 400))));

    static final int OTHER = 1000;

    private Sizes() {}

    /** Each list that is too long, with its place; the first {@value #OTHER} of a list are looked into. */
    public static List<FormatIssue> tooLong(JsonNode document) {
        List<FormatIssue> issues = new ArrayList<>();
        look(document, "", OTHER, issues);
        return issues;
    }

    private static void look(JsonNode node, String at, int most, List<FormatIssue> issues) {
        if (node.isObject()) {
            node.properties()
                    .forEach(field -> look(
                            field.getValue(),
                            at + Json.step(field.getKey()),
                            MOST.getOrDefault(field.getKey(), OTHER),
                            issues));
        } else if (node.isArray()) {
            if (node.size() > most) {
                issues.add(FormatIssue.at(at, "these are " + node.size() + "; at most " + most + " are taken here"));
                return;
            }
            for (int i = 0; i < node.size(); i++) {
                look(node.get(i), at + "/" + i, OTHER, issues);
            }
        }
    }
}
