package dev.steelyard.format.table;

/** Takes the rows of a table, one after the other. */
@FunctionalInterface
public interface RowSink {

    /** @throws UnreadableTable where nothing can be made of the table */
    void row(TableRow row) throws UnreadableTable;
}
