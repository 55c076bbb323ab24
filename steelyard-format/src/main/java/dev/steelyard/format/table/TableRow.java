package dev.steelyard.format.table;

import java.util.List;

/**
 * A row of a table.
 *
 * @param line its number in the file, from 1
 */
public record TableRow(int line, List<Cell> cells) {

    public TableRow {
        cells = List.copyOf(cells);
    }

    /** The cell of a column from 0 on; empty where the row is shorter. */
    public Cell cell(int column) {
        return column < cells.size() ? cells.get(column) : Cell.EMPTY;
    }

    public boolean isEmpty() {
        return cells.stream().allMatch(cell -> cell.shown().isBlank());
    }
}
