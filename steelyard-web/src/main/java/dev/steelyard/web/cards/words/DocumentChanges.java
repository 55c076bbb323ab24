package dev.steelyard.web.cards.words;

import dev.steelyard.web.kept.DraftDocument;
import dev.steelyard.web.page.FirstLines;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import tools.jackson.databind.JsonNode;

/** How two drafts differ, in words: where, what it was, what it is. */
public final class DocumentChanges {

    private static final int MOST = 30;
    private static final int SHOWN = 60;

    private final List<String> changes = new ArrayList<>();

    private DocumentChanges() {}

    public static List<String> between(DraftDocument before, DraftDocument after) {
        DocumentChanges found = new DocumentChanges();
        found.compare("", before.root(), after.root());
        if (!before.weights().equals(after.weights())) {
            found.changes.add("Check weights: " + before.weights().size() + " kept → "
                    + after.weights().size() + " kept");
        }
        return FirstLines.of(found.changes, MOST);
    }

    private void compare(String at, JsonNode before, JsonNode after) {
        if (before.equals(after)) {
            return;
        }
        if (before.isObject() && after.isObject()) {
            Set<String> names = new LinkedHashSet<>(before.propertyNames());
            names.addAll(after.propertyNames());
            names.forEach(name -> compare(at + "/" + name, before.path(name), after.path(name)));
        } else if (before.isArray() && after.isArray() && before.size() == after.size()) {
            for (int i = 0; i < before.size(); i++) {
                compare(at + "/" + i, before.get(i), after.get(i));
            }
        } else if (before.isArray() || after.isArray()) {
            changes.add(PlaceWords.of(at) + ": " + before.size() + " → " + after.size());
        } else {
            changes.add(PlaceWords.of(at) + ": " + words(before) + " → " + words(after));
        }
    }

    private static String words(JsonNode value) {
        if (value.isMissingNode() || value.isNull()) {
            return "nothing";
        }
        String text = value.isContainer() ? "something else" : value.asString();
        return text.length() <= SHOWN ? text : text.substring(0, SHOWN) + "…";
    }
}
