package dev.steelyard.web.editing.table;

import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.web.editing.draft.DraftDocument;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Breaks as a table: a row for each threshold with its dates, a cell for everyone and for each customer group. What
 * stands in one row is told from the card as it is kept, so that rows hold still while a number is typed.
 *
 * @param keeping the margin to be kept, in percent, as typed; none where no cost is known
 */
public record LadderTable(
        String list, List<String> groups, List<String> heads, List<Row> rows, @Nullable String keeping) {

    /** A table without a margin to be kept. */
    public LadderTable(String list, List<String> groups, List<String> heads, List<Row> rows) {
        this(list, groups, heads, rows, null);
    }

    /** Where the groups stand that stand alone: beside the breaks, of own prices once for the product and its variants. */
    public String alone() {
        return list.equals("/rows") || list.startsWith("/variants/") ? "/alone" : list.replaceFirst("rows$", "alone");
    }

    /**
     * A row.
     *
     * @param place of the first of its breaks, whose threshold and dates are edited
     * @param from its threshold, as typed
     * @param following the other breaks' indices, with commas between
     * @param worked what is worked out beside it, a text under each of the table's heads
     * @param keeps the value for everyone that keeps the margin asked for; none where it stands there, or cannot be told
     */
    public record Row(
            String place,
            String from,
            String following,
            List<Cell> cells,
            List<String> worked,
            @Nullable String keeps) {

        /** A row of which nothing is told about margins. */
        public Row(String place, String from, String following, List<Cell> cells, List<String> worked) {
            this(place, from, following, cells, worked, null);
        }

        /** The cell for everyone. */
        public Cell everyone() {
            return cells.get(0);
        }

        public int index() {
            return Integer.parseInt(place.substring(place.lastIndexOf('/') + 1));
        }
    }

    /**
     * A cell.
     *
     * @param group empty for everyone
     * @param field the name of its field
     * @param place of its break; empty where it has none yet
     * @param open what counts where a group's cell is left open
     */
    public record Cell(String group, String field, String place, String text, String open) {

        /** The same with something else that counts where it is left open. */
        public Cell open(String other) {
            return new Cell(group, field, place, text, other);
        }
    }

    /**
     * @param list the place of the breaks
     * @param kept the draft as it is kept
     * @param typed the draft with what is typed
     */
    public static LadderTable of(String list, DraftDocument kept, DraftDocument typed, List<String> groups) {
        Map<String, List<Map<String, Integer>>> byThreshold = new LinkedHashMap<>();
        for (int i = 0; i < kept.at(list).size(); i++) {
            String row = list + "/" + i;
            String key = key(kept.text(row + "/from")) + "|" + kept.text(row + "/fromDate") + "|"
                    + kept.text(row + "/untilDate");
            String group = kept.text(row + "/group");
            List<Map<String, Integer>> same = byThreshold.computeIfAbsent(key, any -> new ArrayList<>());
            Map<String, Integer> open = same.stream()
                    .filter(cells -> !cells.containsKey(group))
                    .findFirst()
                    .orElseGet(() -> {
                        same.add(new LinkedHashMap<>());
                        return same.get(same.size() - 1);
                    });
            open.put(group, i);
        }
        List<Row> rows = new ArrayList<>();
        byThreshold.values().forEach(same -> same.forEach(cells -> rows.add(row(list, kept, typed, cells, groups))));
        return new LadderTable(list, groups, List.of(), rows);
    }

    /** 10 and 10.0 are one threshold. */
    private static String key(String from) {
        BigDecimal value = DecimalText.read(from).value();
        return value == null ? from : Decimals.plain(value, 0);
    }

    private static Row row(
            String list, DraftDocument kept, DraftDocument typed, Map<String, Integer> indices, List<String> groups) {
        int first = indices.values().iterator().next();
        String place = list + "/" + first;
        List<Cell> cells = new ArrayList<>();
        cells.add(cell(list, kept, typed, indices, place, ""));
        String everyone = cells.get(0).text();
        groups.forEach(group ->
                cells.add(cell(list, kept, typed, indices, place, group).open(everyone)));
        String following =
                indices.values().stream().skip(1).map(String::valueOf).collect(Collectors.joining(","));
        return new Row(place, typed.text(place + "/from"), following, List.copyOf(cells), List.of());
    }

    private static Cell cell(
            String list,
            DraftDocument kept,
            DraftDocument typed,
            Map<String, Integer> indices,
            String first,
            String group) {
        Integer index = indices.get(group);
        if (index != null) {
            String place = list + "/" + index;
            return new Cell(group, place + "/value", place, typed.text(place + "/value"), "");
        }
        return new Cell(group, "+" + first + ":" + group, "", newlyTyped(list, kept, typed, first, group), "");
    }

    /** What was typed for a break that is not kept yet. */
    private static String newlyTyped(String list, DraftDocument kept, DraftDocument typed, String first, String group) {
        for (int i = kept.at(list).size(); i < typed.at(list).size(); i++) {
            String row = list + "/" + i;
            if (typed.text(row + "/group").equals(group)
                    && typed.text(row + "/from").equals(typed.text(first + "/from"))) {
                return typed.text(row + "/value");
            }
        }
        return "";
    }
}
