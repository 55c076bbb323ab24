package dev.steelyard.web.goods.sheets;

import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Goods that a price sheet names and the shop does not have yet. */
@Repository
public class UnknownGoods {

    private static final String WHICH =
            " from price_batch_row where batch_id = ? and outcome = 'REFUSED' and refused_column = 'SKU' and name <> ''"
                    + " and sku <> '' and reason like '" + SheetChecks.UNKNOWN + "%' ";

    private final JdbcTemplate sql;

    UnknownGoods(JdbcTemplate sql) {
        this.sql = sql;
    }

    /**
     * One of them.
     *
     * @param line in which it stands first
     * @param shelfPrice that the sheet gives it; none where it gives none
     */
    public record Unknown(int line, String sku, String name, @Nullable BigDecimal shelfPrice) {}

    @Transactional(readOnly = true)
    public int count(long batch) {
        Integer count = sql.queryForObject("select count(distinct sku)" + WHICH, Integer.class, batch);
        return count == null ? 0 : count;
    }

    /** Each once, in the order of the sheet. */
    @Transactional(readOnly = true)
    public List<Unknown> of(long batch) {
        return sql.query(
                "select min(line), sku, min(name), max(if(from_pieces is null and group_id is null, price, null))"
                        + WHICH + "group by sku order by 1",
                (row, n) -> new Unknown(row.getInt(1), row.getString(2), row.getString(3), row.getBigDecimal(4)),
                batch);
    }
}
