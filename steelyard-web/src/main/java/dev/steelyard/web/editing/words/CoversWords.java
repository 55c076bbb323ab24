package dev.steelyard.web.editing.words;

import dev.steelyard.core.card.GoodsRule;
import dev.steelyard.web.base.page.DayText;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.selling.shown.HourWords;
import dev.steelyard.words.FirstLetter;
import dev.steelyard.words.Words;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;

/** Which goods, customers and times a card is for, in words. */
public final class CoversWords {

    private static final Map<String, String> KINDS = new LinkedHashMap<>();

    static {
        KINDS.put("products", "");
        KINDS.put("skus", "");
        KINDS.put("categories", "everything in ");
        KINDS.put("brands", "everything by ");
        KINDS.put("types", "everything of the type ");
        KINDS.put("suppliers", "everything from ");
        KINDS.put("tags", "everything tagged ");
    }

    private static final Set<String> NAMED = Set.of("products", "skus");

    private CoversWords() {}

    /** “Everything in Hardware”. */
    public static String all(GoodsRule.Attribute trait, String value) {
        return FirstLetter.large(KINDS.getOrDefault(trait.code(), "") + value);
    }

    /**
     * “Everything in Hardware, for Boatyard, until 1 May.”
     *
     * @param called what a product or variant of a SKU is called
     */
    public static String of(DraftDocument document, UnaryOperator<String> called) {
        JsonNode covers = document.at("/covers");
        List<String> goods = new ArrayList<>();
        KINDS.forEach((kind, words) -> {
            if (covers.path(kind).size() > 0) {
                goods.add(words
                        + texts(covers.path(kind)).stream()
                                .map(text -> NAMED.contains(kind) ? called.apply(text) : text)
                                .collect(Collectors.joining(kind.equals("skus") ? "; " : ", ")));
            }
        });
        if (covers.path("rule").isObject()) {
            goods.add("what the rule says");
        }
        StringBuilder line = new StringBuilder(
                goods.isEmpty()
                        ? (covers.has("products") || covers.has("skus") ? "Nothing yet" : "Everything")
                        : String.join("; ", goods));
        if (covers.path("except").size() > 0) {
            line.append(", but not ")
                    .append(texts(covers.path("except")).stream().map(called).collect(Collectors.joining(", ")));
        }
        append(line, covers, "groups", ", for ");
        append(line, covers, "notGroups", ", not for ");
        append(line, covers, "countries", ", to ");
        if (!covers.path("from").asString("").isEmpty()) {
            line.append(", from ")
                    .append(covers.path("from")
                            .asString("")
                            .replace("T00:00", "")
                            .replace("T", ", "));
        }
        if (!covers.path("until").asString("").isEmpty()) {
            line.append(", ").append(ending(covers.path("until").asString("")));
        }
        if (covers.path("days").size() > 0) {
            line.append(", on ")
                    .append(texts(covers.path("days")).stream()
                            .map(HourWords::day)
                            .collect(Collectors.joining(", ")));
        }
        String opens = covers.path("opens").asString("");
        String closes = covers.path("closes").asString("");
        if (!opens.isEmpty() || !closes.isEmpty()) {
            line.append(", ").append(HourWords.hours(opens, closes, Words.owners()));
        }
        String words = line.toString();
        return FirstLetter.large(words) + ".";
    }

    private static void append(StringBuilder line, JsonNode covers, String field, String words) {
        if (covers.path(field).size() > 0) {
            line.append(words).append(String.join(", ", texts(covers.path(field))));
        }
    }

    private static List<String> texts(JsonNode list) {
        return list.valueStream().map(text -> text.asString("")).toList();
    }

    private static String ending(String until) {
        boolean day = !until.contains("T") || until.endsWith("T00:00");
        return day
                ? "up to and including " + DayText.lastDay(until.replace("T00:00", ""))
                : "until " + until.replace("T", ", ");
    }
}
