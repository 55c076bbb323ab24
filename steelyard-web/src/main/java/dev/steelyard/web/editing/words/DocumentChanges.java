package dev.steelyard.web.editing.words;

import dev.steelyard.web.base.page.FirstLines;
import dev.steelyard.web.editing.draft.DraftDocument;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** How two drafts differ, in words: where, what it was, what it is. */
public final class DocumentChanges {

    private static final int MOST = 30;
    private static final int SHOWN = 60;

    private final List<String> changes = new ArrayList<>();

    private DocumentChanges() {}

    public static List<String> between(DraftDocument before, DraftDocument after) {
        DocumentChanges found = new DocumentChanges();
        found.compare("", before.root(), after.root());
        if (!before.weights().equals(after.weights())) {
            found.changes.add("Check weights: " + before.weights().size() + " kept → "
                    + after.weights().size() + " kept");
        }
        return FirstLines.of(found.changes, MOST);
    }

    private void compare(String at, JsonNode before, JsonNode after) {
        if (before.equals(after) || isOff(before) && isOff(after)) {
            return;
        }
        if (before.isObject() && after.isObject()) {
            Set<String> names = new LinkedHashSet<>(before.propertyNames());
            names.addAll(after.propertyNames());
            names.forEach(name -> compare(at + "/" + name, before.path(name), after.path(name)));
        } else if (before.isArray() && after.isArray() && before.size() == after.size()) {
            for (int i = 0; i < before.size(); i++) {
                compare(at + "/" + i, before.get(i), after.get(i));
            }
        } else if (areThresholds(before) && areThresholds(after)) {
            thresholds(at, before, after);
        } else if (before.isArray() || after.isArray()) {
            changes.add(PlaceWords.of(at) + ": " + before.size() + " → " + after.size());
        } else {
            changes.add(PlaceWords.of(at) + ": " + words(before) + " → " + words(after));
        }
    }

    /** What is off says the same as what is not there. */
    private static boolean isOff(JsonNode value) {
        return value.isMissingNode() || value.isBoolean() && !value.asBoolean();
    }

    /** Whether a list is of rows that each begin somewhere, without groups or dates. */
    private static boolean areThresholds(JsonNode list) {
        return list.isArray()
                && list.valueStream().allMatch(row -> row.has("from") && row.has("value") && row.size() == 2);
    }

    private void thresholds(String at, JsonNode before, JsonNode after) {
        Map<String, String> was = new LinkedHashMap<>();
        before.forEach(
                row -> was.put(row.path("from").asString(), row.path("value").asString()));
        for (JsonNode row : after) {
            String from = row.path("from").asString();
            String value = row.path("value").asString();
            String old = was.remove(from);
            if (!value.equals(old)) {
                changes.add(
                        PlaceWords.of(at) + " from " + from + ": " + (old == null ? "added at " : old + " → ") + value);
            }
        }
        was.forEach(
                (from, value) -> changes.add(PlaceWords.of(at) + " from " + from + ": taken off (was " + value + ")"));
    }

    /** A value in words; “nothing” where there is none. */
    public static String words(JsonNode value) {
        if (value.isMissingNode() || value.isNull() || value.asString("").isEmpty() && value.isString()) {
            return "nothing";
        }
        String text = value.isArray()
                ? value.valueStream().allMatch(JsonNode::isString)
                        ? value.valueStream().map(JsonNode::asString).collect(Collectors.joining(", "))
                        : value.size() + " of them"
                : value.isObject() ? parts((ObjectNode) value) : value.asString();
        return text.length() <= SHOWN ? text : text.substring(0, SHOWN) + "…";
    }

    /** “from 25, value 6.20”. */
    private static String parts(ObjectNode object) {
        return object.properties().stream()
                .map(field -> field.getKey()
                        + (field.getValue().isContainer()
                                ? ""
                                : " " + field.getValue().asString()))
                .collect(Collectors.joining(", "));
    }
}
