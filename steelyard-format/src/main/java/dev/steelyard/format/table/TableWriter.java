package dev.steelyard.format.table;

import java.io.Closeable;
import java.io.IOException;
import java.util.List;

/** Writes rows of a table. */
public interface TableWriter extends Closeable {

    void row(List<Cell> cells) throws IOException;
}
