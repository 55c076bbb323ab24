package dev.steelyard.web.goods.about;

import tools.jackson.databind.JsonNode;

/** Looks through a card or deal as it is written for goods that are named by something. */
final class NamedIn {

    private NamedIn() {}

    /** Whether a list of some kind, anywhere in it, has a value: categories that have “Hardware”. */
    static boolean covers(JsonNode document, String kind, String value) {
        if (document.isObject()) {
            for (var field : document.properties()) {
                if (field.getKey().equals(kind) && has(field.getValue(), value)
                        || covers(field.getValue(), kind, value)) {
                    return true;
                }
            }
        } else if (document.isArray()) {
            for (JsonNode one : document) {
                if (covers(one, kind, value)) {
                    return true;
                }
            }
        }
        return false;
    }

    private static boolean has(JsonNode list, String value) {
        for (JsonNode one : list) {
            if (one.isString() && one.asString().equalsIgnoreCase(value)) {
                return true;
            }
        }
        return false;
    }
}
