package dev.steelyard.format.table;

import java.io.Serial;

/** A file that cannot be read as a table; the message says why and what to do, to the person who chose it. */
public class UnreadableTable extends Exception {

    @Serial
    private static final long serialVersionUID = 1L;

    public UnreadableTable(String message) {
        super(message);
    }

    UnreadableTable(String message, Throwable cause) {
        super(message, cause);
    }
}
