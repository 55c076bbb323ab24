package dev.steelyard.web.editing.card;

import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.LadderGenerator;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.Thresholds;
import java.util.ArrayList;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Changes of a ladder as a whole. */
final class LadderEdits {

    private static final String LADDER = "/ladder";

    private final DraftDocument document;

    LadderEdits(DraftDocument document) {
        this.document = document;
    }

    /** Begins a ladder of a kind, or makes the one there of another kind; its thresholds stay. */
    void kind(String to) {
        if (to.equals("none")) {
            boolean lots = document.text(LADDER + "/mode").equals("lot");
            document.remove(LADDER);
            if (lots && document.on("/cases/0/piece/none")) {
                document.remove("/cases");
            }
            return;
        }
        boolean lots = to.equals("lot-total");
        boolean wereLots = document.text(LADDER + "/mode").equals("lot");
        ObjectNode ladder = document.object(LADDER);
        String value = ladder.path("value").asString("");
        ladder.put("value", to);
        if (lots) {
            ladder.put("mode", "lot").put("counts", "pieces").put("over", "line");
            ladder.remove(List.of("unit", "soldFrom"));
            document.remove("/cases");
            document.list("/cases").addObject().putObject("piece").put("none", true);
        } else if (ladder.path("mode").asString("").isEmpty() || wereLots) {
            ladder.put("mode", "all-units");
            ladder.remove(List.of("upTo", "furtherPiece"));
            if (wereLots) {
                document.remove("/cases");
            }
        }
        if (!ladder.has("counts")) {
            ladder.put("counts", "pieces");
        }
        if (!ladder.has("over")) {
            ladder.put("over", "line");
        }
        if (!(ladder.get("rows") instanceof ArrayNode rows) || rows.isEmpty()) {
            rows(lots ? List.of("1", "5", "10") : List.of("10", "25", "100"), to);
        } else if (!value.equals(to)) {
            List<String> thresholds = new ArrayList<>();
            for (JsonNode row : rows) {
                String from = row.path("from").asString("");
                if (!thresholds.contains(from)) {
                    thresholds.add(from);
                }
                ((ObjectNode) row).put("value", first(to, thresholds.indexOf(from)));
            }
        }
        if (lots && ladder.path("upTo").asString("").isEmpty()) {
            JsonNode last = document.list(LADDER + "/rows")
                    .get(document.list(LADDER + "/rows").size() - 1);
            ladder.put("upTo", last.path("from").asString("1"));
        }
    }

    private void rows(List<String> thresholds, String value) {
        ArrayNode rows = document.object(LADDER).putArray("rows");
        int index = 0;
        for (String from : thresholds) {
            rows.addObject().put("from", from).put("value", first(value, index++));
        }
    }

    private static String first(String value, int index) {
        return switch (value) {
            case "percent-off" -> "" + (5 + 5 * Math.min(index, 3));
            case "amount-off" -> "1.00";
            case "lot-total" -> (index + 1) * 10 + ".00";
            default -> "10.00";
        };
    }

    /** Puts what the generator writes in place of the rows for everyone; those of groups stay. */
    void take(LadderGenerator generator) {
        ArrayNode rows = document.object(LADDER).get("rows") instanceof ArrayNode there
                ? there
                : document.object(LADDER).putArray("rows");
        List<JsonNode> groups =
                rows.valueStream().filter(row -> row.has("group")).toList();
        rows.removeAll();
        for (Break row : generator.rows()) {
            rows.addObject()
                    .put("from", row.from().toPlainString())
                    .put("value", row.value().toPlainString());
        }
        rows.addAll(groups);
        document.object(LADDER).put("value", "price");
        Thresholds.sort(document, LADDER + "/rows");
    }
}
