package dev.steelyard.web.editing.table;

import dev.steelyard.core.number.WrittenBlock;
import dev.steelyard.format.Json;
import dev.steelyard.web.base.page.DayText;
import dev.steelyard.web.base.page.Ids;
import dev.steelyard.web.base.page.PastedTable;
import dev.steelyard.web.base.page.TypedNumbers;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.Thresholds;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Changes of a table of breaks as a whole, wherever in a draft it stands. */
public final class LadderRows {

    private static final int MOST_ROWS = 1000;
    private static final List<String> DATES = List.of("fromDate", "untilDate");

    private final DraftDocument document;

    public LadderRows(DraftDocument document) {
        this.document = document;
    }

    /** Hangs another break; without a threshold at twice the last one, without a value at its price or the shelf price. */
    public void hang(String list, String from, String value) {
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
        if (lastValue.isEmpty()) {
            String own = document.text(list.replaceFirst("/rows$", "/shelfPrice"));
            lastValue = own.isEmpty() ? document.text("/shelfPrice") : own;
        }
        String at =
                !from.isBlank() ? from : last.multiply(BigDecimal.valueOf(2)).toPlainString();
        rows.addObject().put("from", at).put("value", !value.isBlank() ? value : lastValue);
        Thresholds.sort(document, list);
    }

    /** Takes a whole row off, with the breaks of groups in it. */
    public void takeOff(String row, String following) {
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

    /**
     * Puts cells copied from a spreadsheet into the table, from a cell on.
     *
     * @param column 0 for the threshold, then everyone, then each group, then the two dates
     */
    public void paste(String list, int row, int column, String pasted, List<String> groups) {
        List<LadderTable.Row> table =
                LadderTable.of(list, document, document, groups).rows();
        ArrayNode rows = document.list(list);
        List<List<String>> cells = PastedTable.cells(pasted);
        WrittenBlock numbers = TypedNumbers.block(cells);
        int skipped = !cells.isEmpty() && PastedTable.isHead(cells.get(0)) ? 1 : 0;
        List<ObjectNode> newRows = new ArrayList<>();
        for (int i = skipped; i < Math.min(cells.size(), MOST_ROWS); i++) {
            int index = row + i - skipped;
            LadderTable.Row there = index < table.size() ? table.get(index) : null;
            List<String> line = cells.get(i);
            int before = newRows.size();
            String from = column == 0
                    ? numbers.plain(line.get(0))
                    : there == null ? "" : document.text(there.place() + "/from");
            for (int j = 0; j < line.size(); j++) {
                int target = column + j;
                String text = numbers.plain(line.get(j));
                if (target == 0 && there != null) {
                    set(there, "/from", text);
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
            int added = newRows.size();
            for (int date = 0; date < DATES.size(); date++) {
                int at = groups.size() + 2 + date - column;
                String field = DATES.get(date);
                String cell = at < 0 || at >= line.size() ? "" : line.get(at);
                String text = field.equals("untilDate") ? DayText.untilOf(cell) : cell;
                if (there != null && !text.isBlank()) {
                    set(there, "/" + field, text);
                }
                newRows.subList(before, added).stream()
                        .filter(one -> !text.isBlank())
                        .forEach(one -> one.put(field, text));
            }
        }
        rows.addAll(newRows);
    }

    private void set(LadderTable.Row row, String field, String text) {
        document.put(row.place() + field, text);
        String list = row.place().substring(0, row.place().lastIndexOf('/'));
        for (String other : row.following().split(",")) {
            if (index(other) >= 0) {
                document.put(list + "/" + other + field, text);
            }
        }
    }

    private static int index(String digits) {
        return Ids.index(digits);
    }

    /** Takes away breaks of customer groups whose price was emptied: the group then has what everyone has. */
    public void tidy(String list) {
        for (int i = document.at(list).size() - 1; i >= 0; i--) {
            String row = list + "/" + i;
            if (!document.text(row + "/group").isEmpty()
                    && document.text(row + "/value").isEmpty()) {
                document.remove(row);
            }
        }
    }
}
