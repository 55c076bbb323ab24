package dev.steelyard.web.backup;

import java.time.Instant;
import java.util.List;

/**
 * What a backup says of itself.
 *
 * @param format of the file
 * @param version of the Steelyard that wrote it
 * @param schema the last migration of its database
 */
public record Manifest(
        int format, String version, int schema, Instant madeAt, List<Table> tables, List<Sequence> sequences) {

    static final int FORMAT = 1;

    /**
     * A table, whose rows are in an entry of their own: one a line, as JSON arrays, in the order of their primary key.
     *
     * @param columns in the order of each row
     * @param bytes and
     * @param sha256 of the rows as they are written
     */
    record Table(String name, List<Column> columns, long rows, long bytes, String sha256) {

        String entry() {
            return entry(name);
        }

        static String entry(String table) {
            return "tables/" + table + ".ndjson";
        }
    }

    /** @param binary whether values are written in base 64; all others are texts as the database writes them */
    record Column(String name, boolean binary) {}

    /** @param next the number that is given next, or one after it */
    record Sequence(String name, long next) {}

    /** How many rows of a table; 0 where it is not there. */
    public long rows(String table) {
        return tables.stream()
                .filter(one -> one.name().equals(table))
                .mapToLong(Table::rows)
                .sum();
    }

    public long rows() {
        return tables.stream().mapToLong(Table::rows).sum();
    }
}
