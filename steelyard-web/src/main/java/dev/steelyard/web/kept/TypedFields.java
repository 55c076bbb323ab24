package dev.steelyard.web.kept;

import dev.steelyard.format.Json;
import java.util.List;
import tools.jackson.databind.node.ArrayNode;

/**
 * Fields of a form that are named by the place in the draft that they are typed for, as a JSON Pointer; before it may
 * stand a sign of what kind of value it is.
 *
 * <ul>
 *   <li>{@code /finish/minimum}: a text or number, as typed; an empty one takes away what is there
 *   <li>{@code ?/ladder/noCliffs}: on or off
 *   <li>{@code #/unitPriceDecimals}: a whole number
 *   <li>{@code []/covers/days}: a list of words
 * </ul>
 */
public final class TypedFields {

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
            ArrayNode words = Json.array();
            values.stream().filter(word -> !word.isEmpty()).forEach(words::add);
            document.put(name.substring(2), words.isEmpty() ? null : words);
        }
    }
}
