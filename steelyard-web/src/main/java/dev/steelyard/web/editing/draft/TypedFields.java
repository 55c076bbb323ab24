package dev.steelyard.web.editing.draft;

import dev.steelyard.format.Json;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.StringNode;

/**
 * Fields of a form that are named by the place in the draft that they are typed for, as a JSON Pointer; before it may
 * stand a sign of what kind of value it is.
 *
 * <ul>
 *   <li>{@code /finish/minimum}: a text or number, as typed; an empty one takes away what is there
 *   <li>{@code ?/ladder/noCliffs}: on or off
 *   <li>{@code #/unitPriceDecimals}: a whole number
 *   <li>{@code []/covers/days}: a list of words; what is more than a word of it stays so
 *   <li>{@code @/asks/0/otherUnits:in}: the step of a unit of such a list
 * </ul>
 */
public final class TypedFields {

    private static final String UNIT = "unit";

    private TypedFields() {}

    /** Puts what is typed in a field into a draft; a field of another name is none of these. */
    public static void put(DraftDocument document, String name, List<String> values) {
        String last = values.isEmpty() || values.get(values.size() - 1) == null ? "" : values.get(values.size() - 1);
        if (name.startsWith("/")) {
            document.put(name, last);
        } else if (name.startsWith("?/")) {
            document.put(name.substring(1), last.equals("true"));
        } else if (name.startsWith("#/")) {
            String typed = last.strip();
            if (typed.matches("\\d{1,9}")) {
                document.put(name.substring(1), Integer.parseInt(typed));
            } else {
                document.put(name.substring(1), typed);
            }
        } else if (name.startsWith("[]/")) {
            String at = name.substring(2);
            ArrayNode words = Json.array();
            values.stream().filter(word -> !word.isEmpty()).forEach(word -> words.add(kept(document.at(at), word)));
            document.put(at, words.isEmpty() ? null : words);
        } else if (name.startsWith("@/")) {
            int colon = name.lastIndexOf(':');
            putStep(document.at(name.substring(1, colon)), name.substring(colon + 1), last.strip());
        }
    }

    private static JsonNode kept(JsonNode list, String word) {
        for (JsonNode one : list) {
            if (one.isObject() && one.path(UNIT).asString("").equals(word)) {
                return one;
            }
        }
        return StringNode.valueOf(word);
    }

    /** A unit with a step is an object of both, one without a word. */
    private static void putStep(JsonNode list, String unit, String step) {
        for (int i = 0; list instanceof ArrayNode offered && i < offered.size(); i++) {
            JsonNode one = offered.get(i);
            if ((one.isObject() ? one.path(UNIT) : one).asString("").equals(unit)) {
                offered.set(
                        i,
                        step.isEmpty()
                                ? StringNode.valueOf(unit)
                                : Json.object().put(UNIT, unit).put("step", step));
            }
        }
    }
}
