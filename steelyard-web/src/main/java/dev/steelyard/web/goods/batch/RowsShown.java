package dev.steelyard.web.goods.batch;

import java.util.Arrays;

/** Which rows of a batch are asked for. */
public enum RowsShown {
    ALL("1 = 1"),
    WRITING("outcome in ('ADD', 'CHANGE', 'REMOVE')"),
    ADD("outcome = 'ADD'"),
    CHANGE("outcome = 'CHANGE'"),
    REMOVE("outcome = 'REMOVE'"),
    SAME("outcome = 'SAME'"),
    REFUSED("outcome = 'REFUSED'"),
    NOTED("notes is not null");

    private final String where;

    RowsShown(String where) {
        this.where = where;
    }

    /** In SQL, of a row. */
    public String where() {
        return where;
    }

    /** What is asked for; else what needs somebody most. */
    public static RowsShown of(String asked, Batch batch) {
        return Arrays.stream(values())
                .filter(one -> one.name().equalsIgnoreCase(asked))
                .findFirst()
                .orElse(
                        batch.totals().refused() > 0 && batch.state() == BatchState.READY
                                ? REFUSED
                                : batch.totals().writing() > 0 ? WRITING : ALL);
    }
}
