package dev.steelyard.web.editing.card;

import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.LadderGenerator;
import dev.steelyard.format.Json;
import dev.steelyard.web.base.page.Ids;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.Thresholds;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Changes of a ladder as a whole. */
final class LadderEdits {

    private static final String LADDER = "/ladder";
    private static final int MOST_ROWS = 1000;

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

    /** Hangs another break; without a threshold, at twice the last one. */
    void hang(String list, String from, String value) {
        ArrayNode rows = document.list(list);
        BigDecimal last = BigDecimal.ONE;
        String lastValue = "";
        for (JsonNode row : rows) {
            BigDecimal threshold = Thresholds.number(row.path("from"));
            if (threshold != null && threshold.compareTo(last) >= 0 && !row.has("group")) {
                last = threshold;
                lastValue = row.path("value").asString("");
            }
        }
        String at =
                !from.isBlank() ? from : last.multiply(BigDecimal.valueOf(2)).toPlainString();
        rows.addObject().put("from", at).put("value", !value.isBlank() ? value : lastValue);
        Thresholds.sort(document, list);
    }

    /** Takes a whole row off, with the breaks of groups in it. */
    void takeOff(String row, String following) {
        String list = row.substring(0, row.lastIndexOf('/'));
        List<Integer> indices = new ArrayList<>(List.of(index(row.substring(row.lastIndexOf('/') + 1))));
        for (String other : following.split(",")) {
            indices.add(index(other));
        }
        indices.stream()
                .filter(index -> index >= 0)
                .sorted(Comparator.reverseOrder())
                .forEach(index -> document.remove(list + "/" + index));
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

    /**
     * Puts cells copied from a spreadsheet into the table, from a cell on.
     *
     * @param column 0 for the threshold, then everyone, then each group
     */
    void paste(String list, int row, int column, String pasted, List<String> groups) {
        List<LadderTable.Row> table =
                LadderTable.of(list, document, document, groups).rows();
        ArrayNode rows = document.list(list);
        List<List<String>> cells = PastedTable.cells(pasted);
        int skipped = !cells.isEmpty() && PastedTable.isHead(cells.get(0)) ? 1 : 0;
        List<ObjectNode> newRows = new ArrayList<>();
        for (int i = skipped; i < Math.min(cells.size(), MOST_ROWS); i++) {
            int index = row + i - skipped;
            LadderTable.Row there = index < table.size() ? table.get(index) : null;
            List<String> line = cells.get(i);
            String from = column == 0 ? line.get(0) : there == null ? "" : document.text(there.place() + "/from");
            for (int j = 0; j < line.size(); j++) {
                int target = column + j;
                String text = line.get(j);
                if (target == 0 && there != null) {
                    setFrom(there, text);
                } else if (target > 0 && target <= groups.size() + 1) {
                    String group = target == 1 ? "" : groups.get(target - 2);
                    LadderTable.Cell cell = there == null ? null : there.cells().get(target - 1);
                    if (cell != null && !cell.place().isEmpty()) {
                        document.put(cell.place() + "/value", text);
                    } else if (!text.isBlank()) {
                        ObjectNode added = Json.object().put("from", from).put("value", text);
                        if (!group.isEmpty()) {
                            added.put("group", group);
                        }
                        newRows.add(added);
                    }
                }
            }
        }
        rows.addAll(newRows);
    }

    private void setFrom(LadderTable.Row row, String from) {
        document.put(row.place() + "/from", from);
        String list = row.place().substring(0, row.place().lastIndexOf('/'));
        for (String other : row.following().split(",")) {
            if (index(other) >= 0) {
                document.put(list + "/" + other + "/from", from);
            }
        }
    }

    private static int index(String digits) {
        return Ids.index(digits);
    }
}
