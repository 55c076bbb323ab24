package dev.steelyard.web.editing.draft;

import dev.steelyard.format.Json;
import dev.steelyard.web.base.page.DayText;
import dev.steelyard.web.base.page.Ids;
import dev.steelyard.web.base.page.TypedNumbers;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;

/**
 * Fields of a form that are named by the place in the draft that they are typed for, as a JSON Pointer; before it may
 * stand a sign of what kind of value it is.
 *
 * <ul>
 *   <li>{@code /finish/minimum}: a text or number, as typed; an empty one takes away what is there
 *   <li>{@code ?/ladder/noCliffs}: on or off
 *   <li>{@code ~/ladder/rows/0/untilDate}: the last day, of which the day after is kept; {@code ~t/covers/until} the time of
 *       day on it, where it ends before midnight
 *   <li>{@code #/unitPriceDecimals}: a whole number
 *   <li>{@code []/covers/days}: a list of words; what is more than a word of it stays so
 *   <li>{@code @/asks/0/otherUnits:in}: the step of a unit of such a list
 *   <li>{@code &/ladder/rows/0}: rows of other customers that go with a row, whose threshold and dates follow it
 *   <li>{@code +/ladder/rows/0:Boatyard}: a new row beside a row, for a customer group
 *   <li>{@code w:0}: the name of a check weight
 * </ul>
 */
public final class TypedFields {

    private static final String UNIT = "unit";
    private static final List<String> FOLLOWING = List.of("from", "fromDate", "untilDate");

    /** Places at which numbers stand. */
    private static final Pattern NUMBERS =
            Pattern.compile(".*/(price|min|max|step|start|amount|base|setUp|minimum|perPiece|perUnit"
                    + "|perLine|percent|furtherPiece|upTo|soldFrom|wastePercent|roundUpTo|atLeast|shelfPrice)"
                    + "|.*/rows/\\d+/(from|value)|/namedRates/\\d+/value|.*/shelfPrice/(from|to)"
                    + "|.*/grid/(prices/\\d+/\\d+|columns/\\d+|rows/\\d+)");

    private TypedFields() {}

    /** The last value of a field; empty where it has none. */
    public static String last(List<String> values) {
        return values.isEmpty() || values.get(values.size() - 1) == null ? "" : values.get(values.size() - 1);
    }

    /** Puts all that is typed into a draft; fields of other names are none of these. */
    public static void putAll(DraftDocument document, Map<String, List<String>> sent) {
        sent.forEach((name, values) -> put(document, name, values, sent));
        sent.forEach((name, values) -> {
            if (name.startsWith("&/")) {
                follow(document, name.substring(1), last(values));
            }
        });
        sent.forEach((name, values) -> {
            if (name.startsWith("+/")) {
                beside(document, name.substring(1), last(values));
            }
        });
    }

    private static void follow(DraftDocument document, String row, String others) {
        String list = row.substring(0, row.lastIndexOf('/'));
        for (String other : others.split(",")) {
            if (Ids.index(other) >= 0 && document.at(list + "/" + other) instanceof ObjectNode) {
                FOLLOWING.forEach(
                        field -> document.put(list + "/" + other + "/" + field, document.text(row + "/" + field)));
            }
        }
    }

    private static void beside(DraftDocument document, String wanted, String value) {
        int colon = wanted.indexOf(':');
        if (value.isBlank() || colon < 0) {
            return;
        }
        String row = wanted.substring(0, colon);
        String group = wanted.substring(colon + 1);
        if (document.at(row) instanceof ObjectNode) {
            ObjectNode added =
                    document.list(row.substring(0, row.lastIndexOf('/'))).addObject();
            FOLLOWING.forEach(field -> {
                if (!document.text(row + "/" + field).isEmpty()) {
                    added.put(field, document.text(row + "/" + field));
                }
            });
            added.put("value", TypedNumbers.plain(value));
            if (!group.isEmpty()) {
                added.put("group", group);
            }
        }
    }

    private static String ending(String lastDay, String time) {
        return time.isBlank() ? DayText.untilOf(lastDay) : lastDay + "T" + time;
    }

    private static void put(DraftDocument document, String name, List<String> values, Map<String, List<String>> sent) {
        String last = last(values);
        if (name.startsWith("/")) {
            document.put(name, number(name, last));
        } else if (name.startsWith("~/")) {
            document.put(name.substring(1), ending(last, last(sent.getOrDefault("~t" + name.substring(1), List.of()))));
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
        } else if (name.startsWith("w:")) {
            int index = Ids.index(name.substring(2));
            if (index >= 0 && document.weights().path(index) instanceof ObjectNode weight) {
                weight.put("name", last);
            }
        }
    }

    /** What is typed at a place for numbers, written plainly where it can be only one number; at any other as it is. */
    public static String number(String place, String typed) {
        return NUMBERS.matcher(place).matches() ? TypedNumbers.plain(typed) : typed;
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
