package dev.steelyard.web.editing.card;

import dev.steelyard.format.Json;
import dev.steelyard.web.editing.draft.DraftDocument;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;

/**
 * What is meant by a card in which names are typed anew: whatever named a measurement, a choice, an option or a rate by its
 * old name goes on naming it. While a name is empty, or one that another thing has, nothing follows it.
 */
final class Renames {

    private static final Set<String> FORMULAS =
            Set.of("when", "amount", "formula", "that", "of", "by", "columnsBy", "rowsBy", "shownWhen");
    private static final Pattern NAME = Pattern.compile("[\\p{L}_][\\p{L}\\p{N}_]*");
    private static final Pattern TOKEN = Pattern.compile("\"[^\"]*\"|[\\p{L}_][\\p{L}\\p{N}_]*");

    private final Map<String, String> names = new LinkedHashMap<>();
    private final Map<String, Map<String, String>> options = new LinkedHashMap<>();

    private Renames() {}

    /** @param base the card before the names were typed */
    static DraftDocument follow(DraftDocument base, DraftDocument typed) {
        Renames renames = new Renames();
        renames.find(base, typed);
        if (renames.names.isEmpty() && renames.options.isEmpty()) {
            return typed;
        }
        DraftDocument meant = typed.copy();
        renames.write(meant.root());
        renames.starts(meant);
        renames.weights(meant);
        return meant;
    }

    private void find(DraftDocument base, DraftDocument typed) {
        for (int i = 0; i < Math.min(base.at("/asks").size(), typed.at("/asks").size()); i++) {
            for (String field : List.of("measurement", "choice")) {
                named(base, typed, "/asks/" + i + "/" + field);
            }
            String choice = base.text("/asks/" + i + "/choice");
            String list = "/asks/" + i + "/options";
            for (int j = 0; j < Math.min(base.at(list).size(), typed.at(list).size()); j++) {
                String was = base.text(list + "/" + j + "/name");
                String is = typed.text(list + "/" + j + "/name");
                if (!was.equals(is) && !is.isBlank() && !was.isEmpty() && count(typed, list, is) == 1) {
                    options.computeIfAbsent(choice, any -> new LinkedHashMap<>())
                            .put(was, is);
                }
            }
        }
        for (int i = 0;
                i
                        < Math.min(
                                base.at("/namedRates").size(),
                                typed.at("/namedRates").size());
                i++) {
            named(base, typed, "/namedRates/" + i + "/name");
        }
    }

    private static long count(DraftDocument document, String list, String name) {
        return document.at(list)
                .valueStream()
                .filter(option -> option.path("name").asString("").equals(name))
                .count();
    }

    private void named(DraftDocument base, DraftDocument typed, String place) {
        String was = base.text(place);
        String is = typed.text(place);
        if (!was.isEmpty() && !was.equals(is) && NAME.matcher(is).matches() && !taken(base, is)) {
            names.put(was, is);
        }
    }

    private static boolean taken(DraftDocument base, String name) {
        return Stream.concat(
                        base.at("/asks").valueStream(), base.at("/namedRates").valueStream())
                .flatMap(one -> Stream.of(one.path("measurement"), one.path("choice"), one.path("name")))
                .anyMatch(called -> called.asString("").equals(name));
    }

    private void write(JsonNode node) {
        if (node instanceof ObjectNode object) {
            for (String field : List.copyOf(object.propertyNames())) {
                JsonNode value = object.get(field);
                if (FORMULAS.contains(field) && value.isString()) {
                    object.put(field, renamed(value.asString()));
                } else {
                    write(value);
                }
            }
        } else if (node instanceof ArrayNode array) {
            array.forEach(this::write);
        }
    }

    /** A formula with its names as they are now; texts in it are options, of the choice named last before them. */
    private String renamed(String formula) {
        StringBuilder written = new StringBuilder();
        Matcher token = TOKEN.matcher(formula);
        String last = "";
        while (token.find()) {
            String word = token.group();
            String now;
            if (word.startsWith("\"")) {
                String option = word.substring(1, word.length() - 1);
                now = "\"" + options.getOrDefault(last, Map.of()).getOrDefault(option, option) + "\"";
            } else {
                now = names.getOrDefault(word, word);
                last = word;
            }
            token.appendReplacement(written, Matcher.quoteReplacement(now));
        }
        return token.appendTail(written).toString();
    }

    private void starts(DraftDocument meant) {
        meant.at("/asks").forEach(ask -> {
            String choice = ask.path("choice").asString("");
            Map<String, String> changed = options.getOrDefault(was(choice), Map.of());
            String start = ask.path("start").asString("");
            if (changed.containsKey(start)) {
                ((ObjectNode) ask).put("start", changed.get(start));
            }
        });
    }

    private String was(String name) {
        return names.entrySet().stream()
                .filter(rename -> rename.getValue().equals(name))
                .map(Map.Entry::getKey)
                .findFirst()
                .orElse(name);
    }

    /** Check weights answer by name. */
    private void weights(DraftDocument meant) {
        for (JsonNode weight : meant.weights()) {
            if (weight.get("answers") instanceof ObjectNode answers) {
                ObjectNode renamed = Json.object();
                answers.properties().forEach(answer -> {
                    String name = answer.getKey();
                    JsonNode value = answer.getValue();
                    String option = value.isString()
                            ? options.getOrDefault(name, Map.of()).get(value.asString())
                            : null;
                    renamed.set(names.getOrDefault(name, name), option == null ? value : StringNode.valueOf(option));
                });
                ((ObjectNode) weight).set("answers", renamed);
            }
        }
    }
}
