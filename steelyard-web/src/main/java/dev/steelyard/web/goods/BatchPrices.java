package dev.steelyard.web.goods;

import dev.steelyard.web.shop.Shops;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntConsumer;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Writes the prices of many goods from the rows of a batch, or takes them back: the goods' rows are locked as any change of
 * their prices locks them, everything the batch is about is compared with what it was when it was checked, and then
 * statements over all rows write it.
 */
@Component
@Transactional(propagation = Propagation.MANDATORY)
public class BatchPrices {

    private static final int AT_A_TIME = 20_000;

    private final JdbcTemplate sql;
    private final ChangedGoods changed;
    private final Shops shops;

    BatchPrices(JdbcTemplate sql, ChangedGoods changed, Shops shops) {
        this.sql = sql;
        this.changed = changed;
        this.shops = shops;
    }

    /**
     * Writes a whole batch.
     *
     * @param upTo told up to which of the batch's rows prices are written
     */
    public void write(long batch, Direction way, String by, IntConsumer upTo) {
        boolean moves = moves(batch, way);
        if (moves) {
            sql.update(
                    "delete r from price_row r join price_batch_row b on b.target_id = r.id where b.batch_id = ? and"
                            + " b.target = 'R' and " + way.leaves(),
                    batch);
        }
        int last = last(batch);
        for (int from = 0; from <= last; from += AT_A_TIME) {
            upTo.accept(from);
            some(batch, way, moves, from, from + AT_A_TIME);
        }
        upTo.accept(last);
        alone(batch, way);
        shelfPrices(batch, way, "product", 'P');
        shelfPrices(batch, way, "variant", 'V');
        changed.by(
                by,
                "select distinct b.product_id as id from price_batch_row b where b.batch_id = ? and "
                        + Direction.WRITES,
                batch);
    }

    /** The number of its last row. */
    public int last(long batch) {
        Integer last = sql.queryForObject(
                "select coalesce(max(number), 0) from price_batch_row where batch_id = ?", Integer.class, batch);
        return last == null ? 0 : last;
    }

    /** Whether any price row comes or goes; most batches only change prices. */
    private boolean moves(long batch, Direction way) {
        Boolean some = sql.queryForObject(
                "select exists(select 1 from price_batch_row b where b.batch_id = ? and b.target = 'R' and ("
                        + way.arrives() + " or " + way.leaves() + "))",
                Boolean.class,
                batch);
        return Boolean.TRUE.equals(some);
    }

    private void some(long batch, Direction way, boolean moves, int from, int to) {
        sql.update(
                "update price_row r join price_batch_row b on b.target_id = r.id set r.price = " + way.price()
                        + " where b.batch_id = ? and b.number > ? and b.number <= ? and b.target = 'R' and "
                        + way.stays(),
                batch,
                from,
                to);
        if (!moves) {
            return;
        }
        sql.update(
                "insert into price_row (id, product_id, variant_id, " + Direction.ROW_COLUMNS
                        + ") select b.target_id, b.product_id, b.variant_id, " + way.written()
                        + " from price_batch_row b where b.batch_id = ? and b.number > ? and b.number <= ?"
                        + " and b.target = 'R' and " + way.arrives(),
                batch,
                from,
                to);
    }

    private void shelfPrices(long batch, Direction way, String table, char target) {
        sql.update(
                "update " + table + " p join price_batch_row b on b.target_id = p.id set p.shelf_price = " + way.price()
                        + " where b.batch_id = ? and b.target = '" + target + "' and " + Direction.WRITES,
                batch);
    }

    /** Lets the rows of groups stand alone as the batch wants it, or takes back what was not so before. */
    private void alone(long batch, Direction way) {
        if (way == Direction.UNDO) {
            sql.update(
                    "delete a from price_alone a join price_batch_alone b on b.product_id = a.product_id"
                            + " and b.group_id = a.group_id where b.batch_id = ? and b.fresh",
                    batch);
            return;
        }
        sql.update(
                "update price_batch_alone b left join price_alone a on a.product_id = b.product_id and a.group_id = b.group_id"
                        + " set b.fresh = a.group_id is null where b.batch_id = ?",
                batch);
        sql.update(
                "insert ignore into price_alone (product_id, group_id) select product_id, group_id from price_batch_alone"
                        + " where batch_id = ?",
                batch);
    }

    /** Holds the shop's row, and locks the goods that a batch writes. */
    public void lock(long batch) {
        shops.hold();
        sql.query(
                "select p.id from product p where p.id in (select b.product_id from price_batch_row b where b.batch_id = ?"
                        + " and " + Direction.WRITES + ") order by p.id for update",
                row -> {},
                batch);
    }

    /**
     * Which of its prices are no longer as they were before.
     *
     * @param most how many are named
     * @return such as “line 12, SHK-8 from 10”
     */
    public List<String> changedSince(long batch, Direction way, int most) {
        List<String> named = new ArrayList<>();
        named.addAll(named(
                "left join price_row r on r.id = b.target_id where b.batch_id = ? and b.target = 'R' and "
                        + way.wasThere() + " and " + way.differs(),
                batch,
                most));
        named.addAll(shelfPricesChangedSince(batch, way, "product", 'P', most));
        named.addAll(shelfPricesChangedSince(batch, way, "variant", 'V', most));
        named.addAll(named(
                "join product p on p.id = b.product_id where b.batch_id = ? and " + Direction.WRITES
                        + " and p.removed_at is not null",
                batch,
                most));
        named.addAll(named(
                "join price_row x on " + way.clashes() + " where b.batch_id = ? and b.target = 'R' and " + way.arrives()
                        + " and not exists (select 1 from price_batch_row o where o.batch_id = b.batch_id and o.sku = b.sku and o.target = 'R'"
                        + " and o.target_id = x.id and " + way.leaves().replace("b.", "o.") + ")",
                batch,
                most));
        return named.stream().distinct().limit(most).toList();
    }

    private List<String> shelfPricesChangedSince(long batch, Direction way, String table, char target, int most) {
        return named(
                "join " + table + " p on p.id = b.target_id where b.batch_id = ? and b.target = '" + target + "' and "
                        + Direction.WRITES + " and not p.shelf_price <=> " + way.priceBefore(),
                batch,
                most);
    }

    private List<String> named(String rest, long batch, int most) {
        return sql.queryForList(
                "select concat('line ', b.line, ', ', b.sku, if(coalesce(b.from_pieces, b.old_from) is null, '',"
                        + " concat(' from ', coalesce(b.from_pieces, b.old_from)))) from price_batch_row b "
                        + rest + " order by b.number limit " + most,
                String.class,
                batch);
    }
}
