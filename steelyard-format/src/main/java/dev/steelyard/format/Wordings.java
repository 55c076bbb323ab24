package dev.steelyard.format;

import dev.steelyard.core.said.Wording;
import java.util.Map;
import java.util.TreeMap;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What an owner wrote: a text, or an object of texts by language. The shop's own is the one in the language that the document
 * says it is written in, else the first.
 */
final class Wordings {

    private Wordings() {}

    static JsonNode write(Wording wording) {
        if (wording.others().isEmpty()) {
            return Json.object().stringNode(wording.own());
        }
        ObjectNode node = Json.object();
        node.put(wording.language().isEmpty() ? "en" : wording.language(), wording.own());
        new TreeMap<>(wording.others()).forEach(node::put);
        return node;
    }

    /**
     * What {@link #write} wrote; values of an object are texts.
     *
     * @param language in which the document is written; empty where it does not say
     */
    static Wording read(JsonNode node, String language) {
        if (!node.isObject()) {
            return Wording.of(node.asString(""));
        }
        Map<String, String> others = new TreeMap<>();
        node.properties().forEach(one -> others.put(one.getKey(), one.getValue().asString("")));
        if (others.isEmpty()) {
            return Wording.NONE;
        }
        String own = others.containsKey(language)
                ? language
                : node.properties().iterator().next().getKey();
        String text = others.remove(own);
        return text == null || text.isEmpty() && others.isEmpty() ? Wording.NONE : new Wording(text, own, others);
    }
}
