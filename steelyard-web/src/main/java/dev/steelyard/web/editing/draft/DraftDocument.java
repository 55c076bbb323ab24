package dev.steelyard.web.editing.draft;

import dev.steelyard.format.Json;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A draft as its owner typed it: the card in the open format, and the check weights kept with it. It may be unfinished;
 * what cannot be read stays as it was typed. Places are JSON Pointers (RFC 6901) from the card's own root. Not shared
 * between threads.
 */
public final class DraftDocument {

    private static final int DEEPEST = 16;

    private final ObjectNode card;
    private final ArrayNode weights;

    private DraftDocument(ObjectNode card, ArrayNode weights) {
        this.card = card;
        this.weights = weights;
    }

    /** A draft of a card without check weights. */
    public static DraftDocument of(ObjectNode card) {
        return new DraftDocument(card, Json.array());
    }

    /** Reads what {@link #write} wrote. */
    public static DraftDocument read(String text) {
        JsonNode root = Json.read(text);
        return new DraftDocument((ObjectNode) root.get("card"), (ArrayNode) root.get("checkWeights"));
    }

    /** As it is kept. */
    public String write() {
        ObjectNode root = Json.object();
        root.set("card", card);
        root.set("checkWeights", weights);
        return Json.write(root);
    }

    /** Another one that can be changed without this one. */
    public DraftDocument copy() {
        return new DraftDocument(card.deepCopy(), weights.deepCopy());
    }

    public ObjectNode root() {
        return card;
    }

    /** Trials kept, each with what it must come to. */
    public ArrayNode weights() {
        return weights;
    }

    /** The card's name; empty where there is none. */
    public String name() {
        return card.path("name").asString("");
    }

    /** What is at a place; a missing node where nothing is. */
    public JsonNode at(String place) {
        return card.at(JsonPointer.compile(place));
    }

    /** The text of a value at a place; empty where there is none. */
    public String text(String place) {
        JsonNode node = at(place);
        return node.isMissingNode() || node.isNull() || node.isContainer() ? "" : node.asString();
    }

    /** Whether something is on at a place. */
    public boolean on(String place) {
        return at(place).asBoolean(false);
    }

    /** Whether something is at a place. */
    public boolean has(String place) {
        JsonNode node = at(place);
        return !node.isMissingNode() && !node.isNull();
    }

    /** Puts a value at a place, with the objects above it where they are missing; none takes it away. */
    public void put(String place, @Nullable JsonNode value) {
        JsonPointer pointer = JsonPointer.compile(place);
        String[] steps = place.split("/", -1);
        if (steps.length < 2 || steps.length > DEEPEST) {
            return;
        }
        JsonNode parent = card;
        JsonPointer rest = pointer;
        for (int i = 1; i < steps.length - 1; i++) {
            JsonNode child = child(parent, rest);
            if (child.isNull() || child.isMissingNode()) {
                if (value == null || !(parent instanceof ObjectNode object)) {
                    return;
                }
                child = object.putObject(rest.getMatchingProperty());
            }
            parent = child;
            rest = rest.tail();
        }
        set(parent, rest, value);
    }

    private static JsonNode child(JsonNode parent, JsonPointer step) {
        return parent.isArray() ? parent.path(step.getMatchingIndex()) : parent.path(step.getMatchingProperty());
    }

    private static void set(JsonNode parent, JsonPointer last, @Nullable JsonNode value) {
        if (parent instanceof ObjectNode object) {
            if (value == null) {
                object.remove(last.getMatchingProperty());
            } else {
                object.set(last.getMatchingProperty(), value);
            }
        } else if (parent instanceof ArrayNode array) {
            int index = last.getMatchingIndex();
            if (index >= 0 && index < array.size()) {
                array.set(index, value == null ? array.nullNode() : value);
            }
        }
    }

    /** Puts a text at a place; an empty one takes away what is there. */
    public void put(String place, String text) {
        put(place, text.isBlank() ? null : card.stringNode(text));
    }

    public void put(String place, boolean on) {
        put(place, card.booleanNode(on));
    }

    public void put(String place, int whole) {
        put(place, card.numberNode(whole));
    }

    /** The list at a place, made where it is missing. */
    public ArrayNode list(String place) {
        if (at(place) instanceof ArrayNode array) {
            return array;
        }
        ArrayNode array = Json.array();
        put(place, array);
        return array;
    }

    /** The object at a place, made where it is missing. */
    public ObjectNode object(String place) {
        if (place.isEmpty()) {
            return card;
        }
        if (at(place) instanceof ObjectNode object) {
            return object;
        }
        ObjectNode object = Json.object();
        put(place, object);
        return object;
    }

    /** Takes away what is at a place; the items of a list close up. */
    public void remove(String place) {
        int cut = place.lastIndexOf('/');
        if (cut >= 0 && at(place.substring(0, cut)) instanceof ArrayNode array) {
            int index = index(place);
            if (index >= 0 && index < array.size()) {
                array.remove(index);
            }
        } else {
            put(place, (JsonNode) null);
        }
    }

    /** Moves an item of a list up or down by so many places, as far as it goes. */
    public void move(String place, int by) {
        int cut = place.lastIndexOf('/');
        int index = index(place);
        if (cut >= 0 && at(place.substring(0, cut)) instanceof ArrayNode array && index >= 0 && index < array.size()) {
            JsonNode item = array.remove(index);
            array.insert(Math.max(0, Math.min(array.size(), index + by)), item);
        }
    }

    private static int index(String place) {
        String last = place.substring(place.lastIndexOf('/') + 1);
        return last.matches("\\d{1,6}") ? Integer.parseInt(last) : -1;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof DraftDocument document
                && card.equals(document.card)
                && weights.equals(document.weights);
    }

    @Override
    public int hashCode() {
        return 31 * card.hashCode() + weights.hashCode();
    }
}
