package dev.steelyard.web.editing.draft;

import dev.steelyard.format.Json;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.MissingNode;
import tools.jackson.databind.node.NullNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Two people's changes of one draft, put together: what only one of them changed is taken from that one; a place that both
 * changed, each into something else, is a conflict until somebody picks one side. Places are those of the draft that both
 * began from. A text that one side wrote in another language too is merged language by language.
 */
public final class Merge {

    /** Parts that are one of several things: who makes it another one has changed it as a whole. */
    private static final Set<String> ONE_OF = Set.of("piece", "charge");

    private final String language;
    private final Picked picked;
    private final List<Conflict> conflicts = new ArrayList<>();

    private Merge(String language, Picked picked) {
        this.language = language;
        this.picked = picked;
    }

    /** Whose change of a place is taken. */
    public enum Side {
        THEIRS,
        MINE
    }

    /** Who picks. */
    public interface Picked {

        /** Nobody has picked anything. */
        Picked NOTHING = place -> null;

        @Nullable
        Side at(String place);
    }

    /** A place that both changed; a missing node where one took it away. */
    public record Conflict(String place, JsonNode base, JsonNode theirs, JsonNode mine) {}

    /**
     * What came of it.
     *
     * @param document whole only where there are no conflicts; else it has theirs at them
     */
    public record Result(DraftDocument document, List<Conflict> conflicts) {}

    /** @param picked whose change is taken, by the places of conflicts */
    public static Result of(DraftDocument base, DraftDocument theirs, DraftDocument mine, Picked picked) {
        Merge merge = new Merge(TextsByLanguage.language(base), picked);
        ObjectNode card = (ObjectNode) merge.node("", base.root(), theirs.root(), mine.root());
        ArrayNode weights = (ArrayNode) merge.node("/checkWeights", base.weights(), theirs.weights(), mine.weights());
        ObjectNode aside = theirs.aside().deepCopy();
        mine.aside().properties().forEach(one -> aside.set(one.getKey(), one.getValue()));
        return new Result(DraftDocument.of(card, weights, aside), List.copyOf(merge.conflicts));
    }

    private JsonNode node(String at, JsonNode base, JsonNode theirs, JsonNode mine) {
        if (mine.equals(base) || mine.equals(theirs)) {
            return theirs.deepCopy();
        }
        if (theirs.equals(base)) {
            return mine.deepCopy();
        }
        if (TextsByLanguage.isTexts(theirs) || TextsByLanguage.isTexts(mine)) {
            JsonNode there = TextsByLanguage.texts(theirs, language);
            JsonNode here = TextsByLanguage.texts(mine, language);
            if (there.isObject() && here.isObject()) {
                return object(at, TextsByLanguage.texts(base, language), there, here);
            }
        }
        if (theirs.isObject() && mine.isObject() && !another(at, theirs, mine)) {
            return object(at, base, theirs, mine);
        }
        if (theirs.isArray() && mine.isArray()) {
            Optional<JsonNode> list = list(at, base.isArray() ? base : Json.array(), theirs, mine);
            if (list.isPresent()) {
                return list.get();
            }
        }
        return conflict(at, base, theirs, mine);
    }

    private JsonNode conflict(String at, JsonNode base, JsonNode theirs, JsonNode mine) {
        Side side = picked.at(at);
        if (side == null) {
            conflicts.add(new Conflict(at, base, theirs, mine));
        }
        return side == Side.MINE ? mine.deepCopy() : theirs.deepCopy();
    }

    /** Whether both sides made it different things, or tables of another size, whose cells then do not match. */
    private static boolean another(String at, JsonNode theirs, JsonNode mine) {
        String last = at.substring(at.lastIndexOf('/') + 1);
        if (ONE_OF.contains(last)) {
            return !whatItIs(theirs).equals(whatItIs(mine));
        }
        return last.equals("grid")
                && (theirs.path("columns").size() != mine.path("columns").size()
                        || theirs.path("rows").size() != mine.path("rows").size());
    }

    /** A base charge stands beside any way to price a piece. */
    private static Set<String> whatItIs(JsonNode part) {
        Set<String> names = new LinkedHashSet<>(part.propertyNames());
        names.remove("base");
        return names;
    }

    private JsonNode object(String at, JsonNode base, JsonNode theirs, JsonNode mine) {
        ObjectNode merged = Json.object();
        Set<String> names = new LinkedHashSet<>(theirs.propertyNames());
        names.addAll(mine.propertyNames());
        for (String name : names) {
            JsonNode value = node(at + "/" + name, base.path(name), theirs.path(name), mine.path(name));
            if (!value.isMissingNode()) {
                merged.set(name, value);
            }
        }
        return merged;
    }

    /** None where the lists cannot be put together item by item. */
    private Optional<JsonNode> list(String at, JsonNode base, JsonNode theirs, JsonNode mine) {
        if (areWords(base) && areWords(theirs) && areWords(mine) && !at.contains("/grid/")) {
            return Optional.of(words(base, theirs, mine));
        }
        if (base.size() == theirs.size() && base.size() == mine.size() && !areParts(base)) {
            ArrayNode merged = Json.array();
            for (int i = 0; i < base.size(); i++) {
                JsonNode item = node(at + "/" + i, base.get(i), theirs.get(i), mine.get(i));
                merged.add(item.isMissingNode() ? NullNode.getInstance() : item);
            }
            return Optional.of(merged);
        }
        return areParts(base) && areParts(theirs) && areParts(mine)
                ? Optional.of(parts(at, base, theirs, mine))
                : Optional.empty();
    }

    private static boolean areWords(JsonNode list) {
        return list.valueStream().noneMatch(JsonNode::isContainer);
    }

    private static boolean areParts(JsonNode list) {
        return list.valueStream().allMatch(JsonNode::isObject);
    }

    /** Theirs, without what was taken away here, and with what was added here. */
    private static ArrayNode words(JsonNode base, JsonNode theirs, JsonNode mine) {
        Set<JsonNode> before = new LinkedHashSet<>(base.valueStream().toList());
        Set<JsonNode> here = new LinkedHashSet<>(mine.valueStream().toList());
        Set<JsonNode> merged = new LinkedHashSet<>(theirs.valueStream().toList());
        merged.removeIf(word -> before.contains(word) && !here.contains(word));
        here.stream().filter(word -> !before.contains(word)).forEach(merged::add);
        ArrayNode list = Json.array();
        merged.forEach(list::add);
        return list;
    }

    private ArrayNode parts(String at, JsonNode base, JsonNode theirs, JsonNode mine) {
        Matched there = Matched.of(base, theirs);
        Matched here = Matched.of(base, mine);
        ArrayNode merged = Json.array();
        added(at, merged, there.added(0), here.added(0));
        for (int i = 0; i < base.size(); i++) {
            JsonNode item = node(at + "/" + i, base.get(i), there.item(i), here.item(i));
            if (!item.isMissingNode()) {
                merged.add(item);
            }
            added(at, merged, there.added(i + 1), here.added(i + 1));
        }
        return merged;
    }

    /** What both added at one place is there once; two of one name are a conflict. */
    private void added(String at, ArrayNode merged, List<JsonNode> there, List<JsonNode> here) {
        List<JsonNode> left = new ArrayList<>(here);
        for (JsonNode theirs : there) {
            Optional<JsonNode> same = left.stream()
                    .filter(mine -> Matched.key(mine).equals(Matched.key(theirs)))
                    .findFirst();
            same.ifPresent(left::remove);
            merged.add(
                    same.isEmpty() || same.get().equals(theirs)
                            ? theirs
                            : conflict(
                                    at + "/+" + Matched.key(theirs).replace('/', ' '),
                                    MissingNode.getInstance(),
                                    theirs,
                                    same.get()));
        }
        left.forEach(merged::add);
    }
}
