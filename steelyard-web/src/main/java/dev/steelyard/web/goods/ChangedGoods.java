package dev.steelyard.web.goods;

import dev.steelyard.web.shop.Shops;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Says of goods that they have changed: the revision of prices rises, and the goods carry it, so that every node reads them
 * anew. The one place that writes it. The caller holds the shop's row.
 */
@Component
public class ChangedGoods {

    private final JdbcTemplate sql;
    private final Shops shops;

    ChangedGoods(JdbcTemplate sql, Shops shops) {
        this.sql = sql;
        this.shops = shops;
    }

    /** One product, whose version was raised by whoever wrote it. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void one(long id) {
        seen("p.id = ?", id);
    }

    /**
     * All that a condition means, of which something changed that their own pages do not show: their versions stay.
     *
     * @param which a condition on the product, p
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void seen(String which, Object... values) {
        shops.raiseRevisionOfGoods();
        sql.update("update product p set p.revision = (select revision from shop) where " + which, values);
    }

    /** Goods that are about to be made: the revision they are to carry, raised for them. */
    @Transactional(propagation = Propagation.MANDATORY)
    public long made() {
        shops.raiseRevisionOfGoods();
        Long revision = sql.queryForObject("select revision from shop", Long.class);
        return Objects.requireNonNull(revision);
    }

    /**
     * All of some numbers were changed by somebody: whoever edits one of them is told.
     *
     * @param ids a query for their numbers, as “id”
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void by(String by, String ids, Object... values) {
        shops.raiseRevisionOfGoods();
        List<Object> all = new ArrayList<>(Arrays.asList(values));
        all.add(by);
        sql.update(
                "update product p join (" + ids
                        + ") changed on changed.id = p.id set p.version = p.version + 1,"
                        + " p.changed_at = utc_timestamp(6), p.changed_by = ?, p.revision = (select revision from shop)",
                all.toArray());
    }
}
