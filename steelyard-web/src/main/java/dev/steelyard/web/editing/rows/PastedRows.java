package dev.steelyard.web.editing.rows;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Puts a block of cells copied from a spreadsheet into the table, from one cell on to the right and down. Cells are
 * taken as they are; what cannot be read is marked at its field like anything typed.
 */
final class PastedRows {

    private final List<Long> groupIds;

    PastedRows(List<Long> groupIds) {
        this.groupIds = groupIds;
    }

    /**
     * @param text lines of cells with tabs between them; a first line without any digit is a heading and is left out
     * @param row the table's row of the first cell
     * @param column 0 for “from”, then a column for everyone and each group, then the two dates
     */
    List<RowText> into(List<RowText> rows, String text, int row, int column) {
        List<RowText> filled = new ArrayList<>(rows);
        int at = Math.max(0, Math.min(row, rows.size()));
        List<String> lines =
                text.replace("\r", "").lines().filter(line -> !line.isBlank()).toList();
        for (int i = 0; i < lines.size(); i++) {
            if (i == 0 && lines.get(0).chars().noneMatch(Character::isDigit)) {
                continue;
            }
            if (at > PriceReader.MOST_ROWS) {
                break;
            }
            while (filled.size() <= at) {
                filled.add(RowText.empty());
            }
            filled.set(at, with(filled.get(at), lines.get(i).split("\t", -1), column));
            at++;
        }
        return filled;
    }

    private RowText with(RowText row, String[] cells, int column) {
        String from = row.from();
        String starts = row.starts();
        String ends = row.ends();
        Map<Long, String> prices = new HashMap<>(row.prices());
        for (int i = 0; i < cells.length; i++) {
            String cell = cells[i].strip();
            int target = column + i;
            if (target == 0) {
                from = cell;
            } else if (target <= groupIds.size()) {
                prices.put(groupIds.get(target - 1), cell);
            } else if (target == groupIds.size() + 1) {
                starts = cell;
            } else if (target == groupIds.size() + 2) {
                ends = cell;
            }
        }
        return new RowText(from, prices, starts, ends);
    }
}
