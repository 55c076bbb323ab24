package dev.steelyard.format.table;

/**
 * How much is read at most.
 *
 * @param unpackedBytes of all that is in a packed file
 * @param sheets in a file
 * @param rows of the sheet that is read, empty ones too where they are followed by others
 * @param columns that hold something
 * @param cellCharacters in one cell
 */
public record TableLimits(long unpackedBytes, int sheets, int rows, int columns, int cellCharacters) {

    public static final TableLimits USUAL = new TableLimits(800L << 20, 50, 500_000, 200, 32_767);

    void checkRow(int line) throws UnreadableTable {
        if (line > rows) {
            throw new UnreadableTable("The table goes on after line " + rows + "; at most " + rows
                    + " rows are read. Split it into several files.");
        }
    }

    void checkColumn(int column, int line) throws UnreadableTable {
        if (column >= columns) {
            throw new UnreadableTable("Line " + line + " has something in column " + (column + 1) + "; at most "
                    + columns + " columns are read. Take away what is not needed.");
        }
    }

    void checkCell(String text, int line) throws UnreadableTable {
        if (text.length() > cellCharacters) {
            throw new UnreadableTable("A cell in line " + line + " holds " + text.length() + " characters; at most "
                    + cellCharacters + " are read. Is a quote missing?");
        }
    }

    void checkSheets(int count) throws UnreadableTable {
        if (count > sheets) {
            throw new UnreadableTable("The file has " + count + " sheets; at most " + sheets
                    + " are read. Keep the one with prices, as the first or named Prices.");
        }
    }
}
