package dev.steelyard.web.editing.card;

import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.words.CoversWords;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import tools.jackson.databind.JsonNode;

/** A few words on each step, for the rail. */
final class CardSummaries {

    private CardSummaries() {}

    static String of(CardStep step, DraftDocument document, UnaryOperator<String> called) {
        return switch (step) {
            case ASK -> asks(document);
            case PIECE -> piece(document);
            case BREAKS -> breaks(document);
            case FINISH -> finish(document);
            case COVERS -> shortened(CoversWords.of(document, called).replaceAll("\\.$", ""));
            case WEIGHTS -> document.weights().isEmpty()
                    ? "none kept yet"
                    : document.weights().size() + " kept";
            case SHOP -> document.text("/shopPage/table").isEmpty()
                    ? "a table of breaks"
                    : "breaks: " + document.text("/shopPage/table");
            case LANGUAGES -> "";
        };
    }

    private static String asks(DraftDocument document) {
        List<String> names = new ArrayList<>();
        for (JsonNode ask : document.at("/asks")) {
            names.add(ask.path("measurement").asString(ask.path("choice").asString("")));
        }
        return names.isEmpty() ? "a quantity, nothing else" : shortened(String.join(", ", names));
    }

    private static String piece(DraftDocument document) {
        int cases = document.at("/cases").size();
        String piece = "/cases/" + Math.max(0, cases - 1) + "/piece";
        String way = document.has(piece + "/rate")
                ? "rate per measure"
                : document.has(piece + "/grid")
                        ? "price grid"
                        : document.has(piece + "/packs")
                                ? "packs"
                                : document.has(piece + "/formula")
                                        ? "a formula"
                                        : byTheLot(document, piece) ? "by the lot" : "shelf price";
        return cases > 1 ? cases + " cases, else " + way : way;
    }

    /** Said, or meant where a card of lots says nothing. */
    private static boolean byTheLot(DraftDocument document, String piece) {
        return document.on(piece + "/none")
                || !document.has("/cases") && document.text("/ladder/mode").equals("lot");
    }

    private static String breaks(DraftDocument document) {
        List<String> thresholds = new ArrayList<>();
        for (JsonNode row : document.at("/ladder/rows")) {
            String from = row.path("from").asString("");
            if (!thresholds.contains(from)) {
                thresholds.add(from);
            }
        }
        if (thresholds.isEmpty()) {
            return document.on("/ownRows") ? "the product’s own rows" : "none";
        }
        String what = document.text("/ladder/counts").equals("amount")
                ? " " + document.text("/ladder/unit")
                : document.text("/ladder/mode").equals("lot") ? ", lots" : " pieces";
        return shortened(String.join(", ", thresholds) + what);
    }

    private static String finish(DraftDocument document) {
        List<String> parts = new ArrayList<>();
        if (!document.text("/finish/setUp").isEmpty()) {
            parts.add("set-up " + document.text("/finish/setUp"));
        }
        if (!document.text("/finish/minimum").isEmpty()) {
            parts.add("at least " + document.text("/finish/minimum"));
        }
        String orders = Sentences.orders(document);
        if (!orders.isEmpty()) {
            parts.add(orders);
        }
        return parts.isEmpty() ? "no minimum, no set-up" : String.join(", ", parts);
    }

    private static String shortened(String text) {
        return text.length() <= 44 ? text : text.substring(0, 43) + "…";
    }
}
