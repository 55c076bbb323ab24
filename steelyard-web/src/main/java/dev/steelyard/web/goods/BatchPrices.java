package dev.steelyard.web.goods;

import dev.steelyard.web.shop.Shops;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.IntConsumer;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Writes the prices of many goods from the rows of a batch, or takes them back, by statements over all rows. Everything the batch
 * is about is compared with what it was when it was checked: prices that stay in their place while they are written, all else
 * before.
 */
@Component
@Transactional(propagation = Propagation.MANDATORY)
public class BatchPrices {

    private static final int AT_A_TIME = 20_000;

    /** In SQL: that a price row, r, is the one that a batch's row is about; rows lie by what they are of. */
    private static final String OF_ROW = "r.product_id = b.product_id and r.id = b.target_id";

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
     * @param kinds what it writes, as counted before
     * @param upTo told up to which of the batch's rows prices are written
     * @throws PricesChanged where one that stays in its place is no longer as it was; then nothing of it may be kept
     */
    public void write(Kinds kinds, IntConsumer upTo) {
        long batch = kinds.batch();
        Direction way = kinds.way();
        if (kinds.moving()) {
            sql.update(
                    "delete r from price_row r join price_batch_row b on " + OF_ROW + " where b.batch_id = ? and"
                            + " b.target = 'R' and " + way.leaves(),
                    batch);
        }
        int last = last(batch);
        long staying = 0;
        for (int from = 0; from <= last; from += AT_A_TIME) {
            upTo.accept(from);
            staying += some(batch, way, kinds.moving(), from, from + AT_A_TIME);
        }
        if (staying != kinds.staying()) {
            throw new PricesChanged();
        }
        upTo.accept(last);
        alone(batch, way);
        if (kinds.products()) {
            shelfPrices(batch, way, "product", 'P');
        }
        if (kinds.variants()) {
            shelfPrices(batch, way, "variant", 'V');
        }
    }

    /** Holds the shop's row and says that the goods a batch writes have changed, which locks them. */
    public void change(long batch, String by) {
        shops.hold();
        seen(batch, by);
    }

    /** Says that the goods a batch writes have changed. */
    public void seen(long batch, String by) {
        changed.by(
                by,
                "select distinct b.product_id as id from price_batch_row b where b.batch_id = ? and "
                        + Direction.WRITES,
                batch);
    }

    /**
     * What a batch writes, so that nothing is looked for that is not there.
     *
     * @param batch its number
     * @param way whether it is applied or taken back
     * @param staying how many price rows get another price where they are
     * @param moving whether any price row comes or goes
     * @param products whether shelf prices of products are written
     * @param variants whether those of variants are
     */
    public record Kinds(long batch, Direction way, long staying, boolean moving, boolean products, boolean variants) {}

    /** Counts them. */
    public Kinds kinds(long batch, Direction way) {
        return Objects.requireNonNull(sql.queryForObject(
                "select count(distinct if(b.target = 'R' and " + way.stays() + ", b.target_id, null)),"
                        + " coalesce(max(b.target = 'R' and not " + way.stays() + "), 0),"
                        + " coalesce(max(b.target = 'P'), 0), coalesce(max(b.target = 'V'), 0)"
                        + " from price_batch_row b where b.batch_id = ? and " + Direction.WRITES,
                (row, number) ->
                        new Kinds(batch, way, row.getLong(1), row.getBoolean(2), row.getBoolean(3), row.getBoolean(4)),
                batch));
    }

    /** The number of its last row. */
    public int last(long batch) {
        Integer last = sql.queryForObject(
                "select coalesce(max(number), 0) from price_batch_row where batch_id = ?", Integer.class, batch);
        return last == null ? 0 : last;
    }

    /** How many price rows that stay in their place were still as they were. */
    private int some(long batch, Direction way, boolean moving, int from, int to) {
        int staying = sql.update(
                "update price_row r join price_batch_row b on " + OF_ROW + " set r.price = " + way.price()
                        + " where b.batch_id = ? and b.number > ? and b.number <= ? and b.target = 'R' and "
                        + way.stays() + " and not " + way.differs(),
                batch,
                from,
                to);
        if (moving) {
            sql.update(
                    "insert into price_row (id, product_id, variant_id, " + Direction.ROW_COLUMNS
                            + ") select b.target_id, b.product_id, b.variant_id, " + way.written()
                            + " from price_batch_row b where b.batch_id = ? and b.number > ? and b.number <= ?"
                            + " and b.target = 'R' and " + way.arrives(),
                    batch,
                    from,
                    to);
        }
        return staying;
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

    /** Holds the shop's row, and locks the goods that a batch writes; that they have changed is said later, by {@link #seen}. */
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
    public List<String> changedSince(Kinds kinds, int most) {
        return changedSince(kinds, true, most);
    }

    /** The same but for prices that stay in their place, which are compared when they are written. */
    public List<String> changedSinceButStaying(Kinds kinds, int most) {
        return changedSince(kinds, false, most);
    }

    private List<String> changedSince(Kinds kinds, boolean staying, int most) {
        long batch = kinds.batch();
        Direction way = kinds.way();
        List<String> named = new ArrayList<>();
        if (staying || kinds.moving()) {
            named.addAll(named(
                    "left join price_row r on " + OF_ROW + " where b.batch_id = ? and b.target = 'R' and "
                            + way.wasThere() + (staying ? "" : " and not " + way.stays()) + " and " + way.differs(),
                    batch,
                    most));
        }
        if (kinds.products()) {
            named.addAll(shelfPricesChangedSince(batch, way, "product", 'P', most));
        }
        if (kinds.variants()) {
            named.addAll(shelfPricesChangedSince(batch, way, "variant", 'V', most));
        }
        named.addAll(named(
                "join product p on p.id = b.product_id where b.batch_id = ? and " + Direction.WRITES
                        + " and p.removed_at is not null",
                batch,
                most));
        if (kinds.moving()) {
            named.addAll(named(
                    "join price_row x on " + way.clashes() + " where b.batch_id = ? and b.target = 'R' and "
                            + way.arrives()
                            + " and not exists (select 1 from price_batch_row o where o.batch_id = b.batch_id and o.sku = b.sku and o.target = 'R'"
                            + " and o.target_id = x.id and "
                            + way.leaves().replace("b.", "o.") + ")",
                    batch,
                    most));
        }
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
