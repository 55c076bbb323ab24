package dev.steelyard.web.editing.replay;

import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.words.PlaceWords;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import tools.jackson.databind.JsonNode;

/** The figures of a draft of which several values can be tried side by side. */
final class TriedFigures {

    private static final Pattern FIGURES = Pattern.compile("(/variants/[^/]+)?/shelfPrice|/cases/\\d+/base"
            + "|/cases/\\d+/piece/(rate/(price|wastePercent|roundUpTo|atLeast)|packs/packs/\\d+/price|packs/own/price)"
            + "|.*/rows/\\d+/(from|value)|/namedRates/\\d+/value|/ladder/(furtherPiece|soldFrom)|/amount"
            + "|/finish/(setUp|minimum)|/get/amount"
            + "|/asks/\\d+/options/\\d+/charge/(perPiece|perUnit|perLine|percent)");

    private static final Pattern NUMBER = Pattern.compile("\\d+(\\.\\d+)?");

    private TriedFigures() {}

    /** @param words “Breaks 1, value: 6.90” */
    record Place(String place, String words) {}

    static List<Place> of(DraftDocument document) {
        List<Place> places = new ArrayList<>();
        collect("", document.root(), document, places);
        return places;
    }

    private static void collect(String at, JsonNode node, DraftDocument document, List<Place> to) {
        if (node.isObject()) {
            node.properties().forEach(field -> collect(at + "/" + field.getKey(), field.getValue(), document, to));
        } else if (node.isArray()) {
            for (int i = 0; i < node.size(); i++) {
                collect(at + "/" + i, node.get(i), document, to);
            }
        } else if (FIGURES.matcher(at).matches()
                && NUMBER.matcher(document.text(at)).matches()) {
            String group = document.text(at.replaceFirst("/[^/]*$", "/group"));
            to.add(new Place(at, PlaceWords.of(at) + (group.isEmpty() ? "" : ", " + group) + ": " + document.text(at)));
        }
    }
}
