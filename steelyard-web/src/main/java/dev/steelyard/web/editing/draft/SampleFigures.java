package dev.steelyard.web.editing.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.StringNode;

/**
 * Figures that Steelyard put into a draft so that it has a price at once: each is marked as a sample until somebody types
 * another one, or says that it is meant. Nothing goes live with one.
 */
public final class SampleFigures {

    private static final String MARK = "sample";

    /** Where money and percentages stand. */
    private static final Pattern FIGURES = Pattern.compile("/cases/\\d+/base"
            + "|/cases/\\d+/piece/(formula|rate/price|packs/packs/\\d+/price|packs/own/price|grid/prices/\\d+/\\d+)"
            + "|.*/rows/\\d+/value|/namedRates/\\d+/value|/ladder/furtherPiece|/amount"
            + "|/asks/\\d+/options/\\d+/charge/(perPiece|perUnit|perLine|percent)");

    private static final Pattern DIGIT = Pattern.compile(".*\\d.*");

    private SampleFigures() {}

    /** Marks every figure of a draft that was not there before, or was another one. */
    public static void mark(DraftDocument document, DraftDocument before) {
        figures(document).stream()
                .filter(place -> !document.text(place).equals(before.text(place)))
                .forEach(place -> document.putAside(place, MARK, StringNode.valueOf(document.text(place))));
    }

    /** Marks every figure of a new draft. */
    public static void markAll(DraftDocument document) {
        mark(document, DraftDocument.of(document.root().objectNode()));
    }

    /** Whether a figure is still the one that was put in. */
    public static boolean is(DraftDocument document, String place) {
        return document.aside(place, MARK)
                .map(put -> put.asString("").equals(document.text(place)))
                .orElse(false);
    }

    /** The places of all figures that are still those that were put in. */
    public static List<String> untouched(DraftDocument document) {
        return figures(document).stream().filter(place -> is(document, place)).toList();
    }

    /** All that is there is meant. */
    public static void meant(DraftDocument document) {
        figures(document).forEach(place -> document.putAside(place, MARK, null));
    }

    private static List<String> figures(DraftDocument document) {
        List<String> places = new ArrayList<>();
        collect("", document.root(), places);
        return places.stream()
                .filter(place -> FIGURES.matcher(place).matches())
                .filter(place -> DIGIT.matcher(document.text(place)).matches())
                .toList();
    }

    private static void collect(String at, JsonNode node, List<String> to) {
        if (node.isObject()) {
            node.properties().forEach(field -> collect(at + "/" + field.getKey(), field.getValue(), to));
        } else if (node.isArray()) {
            for (int i = 0; i < node.size(); i++) {
                collect(at + "/" + i, node.get(i), to);
            }
        } else {
            to.add(at);
        }
    }
}
