package dev.steelyard.web.editing.draft;

import java.util.Locale;
import java.util.Set;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;

/** What cards, deals and own prices mean by a name: goods by their category, brand or tag, customers by their group. */
public enum Meant {
    CATEGORY("categories"),
    BRAND("brands"),
    TAG("tags"),
    GROUP("groups", "notGroups", "alone", "group");

    private final Set<String> fields;

    Meant(String... fields) {
        this.fields = Set.of(fields);
    }

    /** Whether a document means it anywhere. */
    boolean in(JsonNode document, String name) {
        if (document.isObject()) {
            return document.properties().stream()
                    .anyMatch(field -> fields.contains(field.getKey()) && names(field.getValue(), name)
                            || in(field.getValue(), name));
        }
        return document.isArray() && document.valueStream().anyMatch(one -> in(one, name));
    }

    private boolean names(JsonNode value, String name) {
        return is(value, name) || value.isArray() && value.valueStream().anyMatch(one -> is(one, name));
    }

    /** Groups are told apart by case, as the open format does; goods are found without regard to it. */
    private boolean is(JsonNode value, String name) {
        return value.isString()
                && (this == GROUP
                        ? value.asString().equals(name)
                        : value.asString().toLowerCase(Locale.ROOT).equals(name.toLowerCase(Locale.ROOT)));
    }

    /** Says another name wherever a document means the one. */
    void rename(JsonNode document, String name, String other) {
        if (document instanceof ObjectNode object) {
            object.properties().forEach(field -> {
                if (!fields.contains(field.getKey())) {
                    rename(field.getValue(), name, other);
                } else if (is(field.getValue(), name)) {
                    field.setValue(StringNode.valueOf(other));
                } else if (field.getValue() instanceof ArrayNode list) {
                    renameIn(list, name, other);
                }
            });
        } else {
            document.forEach(one -> rename(one, name, other));
        }
    }

    private void renameIn(ArrayNode list, String name, String other) {
        for (int i = 0; i < list.size(); i++) {
            if (is(list.get(i), name)) {
                list.set(i, StringNode.valueOf(other));
            } else {
                rename(list.get(i), name, other);
            }
        }
    }
}
