package dev.steelyard.web.editing.draft;

import dev.steelyard.format.Json;
import dev.steelyard.web.base.page.Ids;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntUnaryOperator;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A draft as its owner typed it: the card in the open format, the check weights kept with it, and what was put aside. It may
 * be unfinished; what cannot be read stays as it was typed. Places are JSON Pointers (RFC 6901) from the card's own root. Not shared
 * between threads.
 */
public final class DraftDocument {

    private static final int DEEPEST = 16;

    /** Fields by which a part is known for what it is: one that is emptied stays, as an empty text. */
    private static final Set<String> KNOWN_BY = Set.of("measurement", "choice", "formula", "that", "name");

    private final ObjectNode card;
    private final ArrayNode weights;
    private final ObjectNode aside;

    private DraftDocument(ObjectNode card, ArrayNode weights, ObjectNode aside) {
        this.card = card;
        this.weights = weights;
        this.aside = aside;
    }

    /** A draft of a card without check weights. */
    public static DraftDocument of(ObjectNode card) {
        return new DraftDocument(card, Json.array(), Json.object());
    }

    static DraftDocument of(ObjectNode card, ArrayNode weights, ObjectNode aside) {
        return new DraftDocument(card, weights, aside);
    }

    /** All that was put aside, by place and word. */
    ObjectNode aside() {
        return aside;
    }

    /** Reads what {@link #write} wrote. */
    public static DraftDocument read(String text) {
        JsonNode root = Json.read(text);
        return new DraftDocument(
                (ObjectNode) root.get("card"),
                (ArrayNode) root.get("checkWeights"),
                root.get("aside") instanceof ObjectNode aside ? aside : Json.object());
    }

    /** As it is kept. */
    public String write() {
        ObjectNode root = Json.object();
        root.set("card", card);
        root.set("checkWeights", weights);
        if (!aside.isEmpty()) {
            root.set("aside", aside);
        }
        return Json.write(root);
    }

    /** Another one that can be changed without this one. */
    public DraftDocument copy() {
        return new DraftDocument(card.deepCopy(), weights.deepCopy(), aside.deepCopy());
    }

    /** The same with the check weights of another one, and what was put aside there. */
    public DraftDocument weighedAs(DraftDocument other) {
        return new DraftDocument(card, other.weights, other.aside);
    }

    public ObjectNode root() {
        return card;
    }

    /** Trials kept, each with what it must come to. */
    public ArrayNode weights() {
        return weights;
    }

    /** What was put aside at a place, to be had again: a way of pricing that was left, a unit that was changed. */
    public Optional<JsonNode> aside(String place, String what) {
        return Optional.ofNullable(aside.get(key(place, what)));
    }

    /** Puts something aside; nothing takes it away. */
    public void putAside(String place, String what, @Nullable JsonNode value) {
        if (value == null) {
            aside.remove(key(place, what));
        } else {
            aside.set(key(place, what), value);
        }
    }

    private static String key(String place, String what) {
        return place + "#" + what;
    }

    /** What was put aside follows the items of a list to their new places; -1 for none. */
    void followAside(String list, IntUnaryOperator to) {
        ObjectNode now = Json.object();
        aside.properties().forEach(one -> {
            String place = one.getKey();
            if (place.startsWith(list + "/")) {
                String[] parts = place.substring(list.length() + 1).split("(?=[/#])", 2);
                int index = to.applyAsInt(Ids.index(parts[0]));
                if (index >= 0) {
                    now.set(list + "/" + index + (parts.length == 2 ? parts[1] : ""), one.getValue());
                }
            } else {
                now.set(place, one.getValue());
            }
        });
        aside.removeAll();
        aside.setAll(now);
    }

    /** The card's name; empty where there is none. */
    public String name() {
        return card.path("name").asString("");
    }

    /** What is at a place; a missing node where nothing is. */
    public JsonNode at(String place) {
        return card.at(JsonPointer.compile(place));
    }

    /** The text of a value at a place, in the shop's own language; empty where there is none. */
    public String text(String place) {
        JsonNode node = TextsByLanguage.own(this, at(place));
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

    /** Puts a text at a place; an empty one takes away what is there, unless a part is known by it. */
    public void put(String place, String text) {
        if (TextsByLanguage.put(this, place, text)) {
            return;
        }
        boolean stays = KNOWN_BY.contains(place.substring(place.lastIndexOf('/') + 1)) && has(place);
        put(place, text.isBlank() && !stays ? null : card.stringNode(text.isBlank() ? "" : text));
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
                followAside(place.substring(0, cut), i -> i == index ? -1 : i > index ? i - 1 : i);
            }
        } else {
            put(place, (JsonNode) null);
        }
    }

    /** Puts an item into a list before another one. */
    public void insert(String list, int index, JsonNode item) {
        list(list).insert(index, item);
        followAside(list, i -> i >= index ? i + 1 : i);
    }

    /** Moves an item of a list up or down by so many places, as far as it goes. */
    public void move(String place, int by) {
        int cut = place.lastIndexOf('/');
        int index = index(place);
        if (cut >= 0 && at(place.substring(0, cut)) instanceof ArrayNode array && index >= 0 && index < array.size()) {
            JsonNode item = array.remove(index);
            int to = Math.max(0, Math.min(array.size(), index + by));
            array.insert(to, item);
            followAside(place.substring(0, cut), i -> {
                int without = i > index ? i - 1 : i;
                return i == index ? to : without >= to ? without + 1 : without;
            });
        }
    }

    private static int index(String place) {
        return Ids.index(place.substring(place.lastIndexOf('/') + 1));
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof DraftDocument document
                && card.equals(document.card)
                && weights.equals(document.weights)
                && aside.equals(document.aside);
    }

    @Override
    public int hashCode() {
        return 31 * card.hashCode() + weights.hashCode();
    }
}
