package dev.steelyard.web.goods.batch;

import java.util.List;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Rows that are refused for the same cell: what is wrong alike in many is mended in many. */
@Repository
public class AlikeRows {

    private static final int FEW = 12;

    private final JdbcTemplate sql;

    AlikeRows(JdbcTemplate sql) {
        this.sql = sql;
    }

    /**
     * Some rows.
     *
     * @param column name of the column that is wrong
     * @param value what stands in it
     * @param reason of the first of them
     */
    public record Alike(String column, String value, int rows, String reason) {}

    /**
     * Those of two rows or more, the most first.
     *
     * @param table that has the rows
     * @param value in SQL, what stands in the refused cell; null where no cell is refused
     */
    @Transactional(readOnly = true)
    public List<Alike> of(long batch, String table, String value) {
        return sql.query(
                "select refused_column, " + value + " as cell, count(*) as n, min(reason) from " + table
                        + " where batch_id = ? and outcome = 'REFUSED' and refused_column <> 'SKU' and " + value
                        + " is not null group by 1, 2"
                        + " having n > 1 order by n desc, 1, 2 limit " + FEW,
                (row, i) -> new Alike(row.getString(1), row.getString(2), row.getInt(3), row.getString(4)),
                batch);
    }
}
