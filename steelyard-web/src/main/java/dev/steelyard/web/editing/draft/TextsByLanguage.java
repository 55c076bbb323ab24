package dev.steelyard.web.editing.draft;

import dev.steelyard.format.Json;
import dev.steelyard.words.Language;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.MissingNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Texts of a draft that are written in several languages: a text alone is in the draft's own; with the first one in another it
 * becomes an object of texts by language, and a text alone again when the last one goes.
 */
public final class TextsByLanguage {

    private static final String LANGUAGE = "/language";

    private TextsByLanguage() {}

    /** The language that a draft is written in. */
    public static String language(DraftDocument document) {
        String said = document.root().path("language").asString("");
        return said.isEmpty() ? Language.ENGLISH.code() : said;
    }

    /** The text in the draft's own language; the node itself where it is no such texts. */
    static JsonNode own(DraftDocument document, JsonNode node) {
        return isTexts(node) ? own(node, language(document)) : node;
    }

    private static JsonNode own(JsonNode texts, String language) {
        return texts.has(language) ? texts.path(language) : MissingNode.getInstance();
    }

    /** A text alone as texts of one language, those of several as they are; anything else as it is. */
    public static JsonNode texts(JsonNode node, String language) {
        return node.isString() ? Json.object().set(language, node) : node;
    }

    /** Whether it is texts by language. */
    public static boolean isTexts(JsonNode node) {
        return node instanceof ObjectNode
                && !node.isEmpty()
                && node.propertyStream().allMatch(one -> isLanguage(one.getKey()));
    }

    private static boolean isLanguage(String word) {
        return Language.of(word).isPresent();
    }

    /** Puts a text where it is one of several languages, or makes it one; whether it did. */
    static boolean put(DraftDocument document, String place, String text) {
        if (place.equals(LANGUAGE) && text.equals(language(document))) {
            return true; // nothing new: whoever only looks at the texts changes nothing
        }
        int cut = place.lastIndexOf('/');
        String last = place.substring(cut + 1);
        if (isTexts(document.at(place))) {
            into(document, place, language(document), text);
            return true;
        }
        if (cut <= 0 || !isLanguage(last) || place.equals(LANGUAGE)) {
            return false;
        }
        String of = place.substring(0, cut);
        if (!isTexts(document.at(of))) {
            if (text.isBlank()) {
                return true; // nothing is said in it, and nothing was
            }
            ObjectNode texts = document.root().objectNode();
            texts.put(language(document), document.text(of));
            document.put(of, texts);
        }
        into(document, of, last, text);
        return true;
    }

    private static void into(DraftDocument document, String place, String language, String text) {
        ObjectNode texts = (ObjectNode) document.at(place);
        String own = language(document);
        if (text.isBlank() && !language.equals(own)) {
            texts.remove(language);
        } else {
            texts.put(language, text.isBlank() ? "" : text);
        }
        boolean alone = texts.propertyStream().allMatch(one -> one.getKey().equals(own));
        if (alone) {
            String left = texts.path(own).asString("");
            document.put(place, left.isEmpty() ? null : texts.stringNode(left));
        }
    }
}
