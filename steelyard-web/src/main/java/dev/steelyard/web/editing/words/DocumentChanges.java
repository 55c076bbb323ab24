package dev.steelyard.web.editing.words;

import dev.steelyard.core.number.DecimalText;
import dev.steelyard.format.Json;
import dev.steelyard.web.base.page.DayText;
import dev.steelyard.web.base.page.FirstLines;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.TextsByLanguage;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** How two drafts differ, in words: where, what it was, what it is. */
public final class DocumentChanges {

    private static final int MOST = 30;
    private static final Pattern MOMENT = Pattern.compile("^(\\d{4}-\\d\\d-\\d\\d)T(\\d\\d:\\d\\d)");
    private static final int SHOWN = 60;
    private static final String VARIANTS = "/variants";

    /** What a break is known by, each with the word before it. */
    private static final Map<String, String> KEY_WORDS = keyWords();

    private String language = "";
    private final List<String> changes = new ArrayList<>();

    private DocumentChanges() {}

    private static Map<String, String> keyWords() {
        Map<String, String> words = new LinkedHashMap<>();
        words.put("from", "from");
        words.put("group", "for");
        words.put("fromDate", "since");
        words.put("untilDate", "up to and including");
        return words;
    }

    public static List<String> between(DraftDocument before, DraftDocument after) {
        DocumentChanges found = new DocumentChanges();
        found.language = TextsByLanguage.language(after);
        found.compare("", before.root(), after.root());
        if (!before.weights().equals(after.weights())) {
            found.changes.add("Check weights: " + before.weights().size() + " kept → "
                    + after.weights().size() + " kept");
        }
        return FirstLines.of(found.changes, MOST);
    }

    private void compare(String at, JsonNode before, JsonNode after) {
        if (before.equals(after)
                || isOff(before) && isOff(after)
                || at.endsWith("/shelfPrice") && sameNumber(before, after)) {
            return;
        }
        if (TextsByLanguage.isTexts(before) != TextsByLanguage.isTexts(after)
                && (before.isString() || before.isMissingNode() || after.isString() || after.isMissingNode())) {
            compare(at, byLanguage(before), byLanguage(after));
        } else if (at.startsWith(VARIANTS)
                && (before.isMissingNode() || after.isMissingNode())
                && (before.isObject() || after.isObject())) {
            compare(at, orNone(before), orNone(after));
        } else if (before.isObject() && after.isObject()) {
            Set<String> names = new LinkedHashSet<>(before.propertyNames());
            names.addAll(after.propertyNames());
            names.forEach(name -> compare(at + "/" + name, before.path(name), after.path(name)));
        } else if (areThresholds(before) && areThresholds(after)) {
            thresholds(at, before, after);
        } else if (before.isArray() && after.isArray() && before.size() == after.size()) {
            for (int i = 0; i < before.size(); i++) {
                compare(at + "/" + i, before.get(i), after.get(i));
            }
        } else if (areWords(before) && areWords(after)) {
            changes.add(PlaceWords.of(at) + ": " + (before.isEmpty() ? "nothing" : words(before)) + " → "
                    + (after.isEmpty() ? "nothing" : words(after)));
        } else if (before.isArray() || after.isArray()) {
            changes.add(PlaceWords.of(at) + ": " + before.size() + " → " + after.size());
        } else {
            changes.add(PlaceWords.of(at) + ": " + shown(at, before) + " → " + shown(at, after));
        }
    }

    /** A day or moment as people say it: the last day where the one after it is kept, and no T before the hour. */
    private static String shown(String at, JsonNode value) {
        String text = words(value);
        if (at.endsWith("/untilDate") || at.endsWith("/until") && text.endsWith("T00:00")) {
            String day = DayText.lastDay(text.replace("T00:00", ""));
            return day.equals(text) ? text : "up to and including " + day;
        }
        return MOMENT.matcher(text).replaceFirst("$1, $2");
    }

    /** Whether it is a list of words, or not there. */
    private static boolean areWords(JsonNode list) {
        return list.isMissingNode() || list.isArray() && list.valueStream().allMatch(JsonNode::isString);
    }

    private JsonNode byLanguage(JsonNode text) {
        return text.isMissingNode() ? Json.object() : TextsByLanguage.texts(text, language);
    }

    private static JsonNode orNone(JsonNode prices) {
        return prices.isMissingNode() ? Json.object() : prices;
    }

    /** What is off says the same as what is not there. */
    private static boolean isOff(JsonNode value) {
        return value.isMissingNode() || value.isBoolean() && !value.asBoolean();
    }

    /** Whether a list is of breaks of which no two begin alike; where there is none it is an empty one. */
    private static boolean areThresholds(JsonNode list) {
        return list.isMissingNode()
                || list.isArray()
                        && list.valueStream().allMatch(row -> row.has("from") && row.has("value"))
                        && keys(list).size() == list.size();
    }

    private static Set<String> keys(JsonNode list) {
        return list.valueStream().map(DocumentChanges::key).collect(Collectors.toSet());
    }

    /** “from 25 for Boatyard since 2027-03-01”. */
    private static String key(JsonNode row) {
        StringBuilder words = new StringBuilder();
        KEY_WORDS.forEach((field, word) -> {
            String kept = row.path(field).asString("");
            String text = field.equals("untilDate") ? DayText.lastDay(kept) : kept;
            words.append(text.isEmpty() ? "" : " " + word + " " + text);
        });
        return words.toString();
    }

    private void thresholds(String at, JsonNode before, JsonNode after) {
        String breaks = PlaceWords.ofBreaks(at);
        Map<String, JsonNode> was = new LinkedHashMap<>();
        before.forEach(row -> was.put(key(row), row.path("value")));
        Map<String, JsonNode> added = new LinkedHashMap<>();
        for (JsonNode row : after) {
            String key = key(row);
            JsonNode old = was.remove(key);
            JsonNode value = row.path("value");
            if (old == null) {
                added.put(key, value);
            } else if (!sameNumber(old, value)) {
                changes.add(breaks + key + ": " + words(old) + " → " + words(value));
            }
        }
        moved(breaks, was, added);
        added.forEach((key, value) -> changes.add(breaks + key + ": added at " + words(value)));
        was.forEach((key, value) -> changes.add(breaks + key + ": taken off (was " + words(value) + ")"));
    }

    /** A break that is gone and one that came at the same value are one that was moved. */
    private void moved(String breaks, Map<String, JsonNode> gone, Map<String, JsonNode> came) {
        for (String from : List.copyOf(gone.keySet())) {
            came.keySet().stream()
                    .filter(to -> sameNumber(gone.get(from), came.get(to)))
                    .findFirst()
                    .ifPresent(to -> {
                        changes.add(breaks + from + " →" + to);
                        gone.remove(from);
                        came.remove(to);
                    });
        }
    }

    /** 6.2 and 6.20 are one price. */
    private static boolean sameNumber(JsonNode before, JsonNode after) {
        BigDecimal was = DecimalText.read(before.asString("")).value();
        BigDecimal is = DecimalText.read(after.asString("")).value();
        return was == null || is == null ? before.equals(after) : was.compareTo(is) == 0;
    }

    /** A value in words; “nothing” where there is none. */
    public static String words(JsonNode value) {
        if (value.isMissingNode() || value.isNull() || value.asString("").isEmpty() && value.isString()) {
            return "nothing";
        }
        if (value.isBoolean()) {
            return value.asBoolean() ? "on" : "off";
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
