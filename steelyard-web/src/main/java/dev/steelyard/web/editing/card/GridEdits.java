package dev.steelyard.web.editing.card;

import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.number.WrittenBlock;
import dev.steelyard.web.base.page.PastedTable;
import dev.steelyard.web.base.page.TypedNumbers;
import dev.steelyard.web.editing.draft.DraftDocument;
import java.math.BigDecimal;
import java.util.List;
import tools.jackson.databind.node.ArrayNode;

/** Changes of a price grid as a whole: columns, rows, and cells pasted into it. */
final class GridEdits {

    private static final int MOST_COLUMNS = 100;
    private static final int MOST_ROWS = 400;

    private final DraftDocument document;
    private final String grid;

    /** @param grid its place */
    GridEdits(DraftDocument document, String grid) {
        this.document = document;
        this.grid = grid;
    }

    /** One more size behind the last one, with empty cells. */
    void addColumn() {
        ArrayNode columns = columns();
        if (columns.size() < MOST_COLUMNS) {
            columns.add(next(columns));
            prices().forEach(row -> fill((ArrayNode) row, columns.size()));
        }
    }

    void addRow() {
        ArrayNode rows = rows();
        if (rows.size() < MOST_ROWS) {
            rows.add(next(rows));
            fill(prices().addArray(), columns().size());
        }
    }

    void removeColumn(int index) {
        if (index >= 0 && index < columns().size() && columns().size() > 1) {
            columns().remove(index);
            prices().forEach(row -> {
                if (index < row.size()) {
                    ((ArrayNode) row).remove(index);
                }
            });
        }
    }

    void removeRow(int index) {
        if (index >= 0 && index < rows().size() && rows().size() > 1) {
            rows().remove(index);
            if (index < prices().size()) {
                prices().remove(index);
            }
        }
    }

    /**
     * Puts cells in, from a cell on; the grid grows as needed. What is pasted into the corner is a whole grid: its first
     * line has the columns' sizes, its first cells the rows'. What is no number stays as it is and is marked.
     *
     * @param row -1 for the columns' sizes
     * @param column -1 for the rows' sizes
     */
    void paste(int row, int column, String pasted) {
        List<List<String>> cells = PastedTable.cells(pasted);
        WrittenBlock numbers = TypedNumbers.block(cells);
        if (row < 0 && column < 0) {
            columns().removeAll();
            rows().removeAll();
            prices().removeAll();
        }
        for (int i = 0; i < cells.size() && row + i < MOST_ROWS; i++) {
            List<String> line = cells.get(i);
            for (int j = 0; j < line.size() && column + j < MOST_COLUMNS; j++) {
                set(row + i, column + j, numbers.plain(line.get(j)));
            }
        }
        prices().forEach(line -> fill((ArrayNode) line, columns().size()));
        while (prices().size() < rows().size()) {
            fill(prices().addArray(), columns().size());
        }
    }

    private void set(int row, int column, String text) {
        if (row < 0 && column >= 0) {
            grow(columns(), column + 1);
            columns().set(column, text);
        } else if (column < 0 && row >= 0) {
            grow(rows(), row + 1);
            rows().set(row, text);
        } else if (row >= 0) {
            grow(columns(), column + 1);
            grow(rows(), row + 1);
            while (prices().size() <= row) {
                prices().addArray();
            }
            ArrayNode line = (ArrayNode) prices().get(row);
            fill(line, column + 1);
            if (text.isBlank()) {
                line.setNull(column);
            } else {
                line.set(column, text);
            }
        }
    }

    private static void grow(ArrayNode edges, int size) {
        while (edges.size() < size) {
            edges.add(next(edges));
        }
    }

    private static void fill(ArrayNode row, int size) {
        while (row.size() < size) {
            row.addNull();
        }
        while (row.size() > size) {
            row.remove(row.size() - 1);
        }
    }

    /** As much larger than the last as the last is than the one before it. */
    private static String next(ArrayNode edges) {
        BigDecimal last = edges.isEmpty() ? BigDecimal.ZERO : number(edges, edges.size() - 1);
        BigDecimal before = edges.size() < 2 ? BigDecimal.ZERO : number(edges, edges.size() - 2);
        BigDecimal step = last.subtract(before);
        return last.add(step.signum() > 0 ? step : BigDecimal.valueOf(100)).toPlainString();
    }

    private static BigDecimal number(ArrayNode edges, int index) {
        BigDecimal value = DecimalText.read(edges.get(index).asString("")).value();
        return value == null ? BigDecimal.ZERO : value;
    }

    private ArrayNode columns() {
        return document.list(grid + "/columns");
    }

    private ArrayNode rows() {
        return document.list(grid + "/rows");
    }

    private ArrayNode prices() {
        return document.list(grid + "/prices");
    }
}
