package dev.steelyard.web.goods.sheets;

import dev.steelyard.web.goods.ChangedGoods;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.history.Change;
import dev.steelyard.web.shop.history.ChangeSubject;
import dev.steelyard.web.shop.history.Changes;
import dev.steelyard.web.shop.history.What;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Writes a whole batch, or takes it back, in one transaction: the goods' rows are locked as any change of their prices locks
 * them, everything the batch is about is compared with what it was when it was checked, and then statements over all rows
 * write it. Any of it fails, and nothing was done.
 */
@Component
class BatchApplying {

    private static final int AT_A_TIME = 20_000;
    private static final int NAMED = 10;

    private final JdbcTemplate sql;
    private final ChangedGoods changed;
    private final Batches batches;
    private final Changes changes;
    private final Shops shops;
    private final StandingAlone standing;

    BatchApplying(
            JdbcTemplate sql,
            ChangedGoods changed,
            Batches batches,
            Changes changes,
            Shops shops,
            StandingAlone standing) {
        this.standing = standing;
        this.sql = sql;
        this.changed = changed;
        this.batches = batches;
        this.changes = changes;
        this.shops = shops;
    }

    /** @throws Stopped where a row is no longer as it was, or somebody asked to cancel */
    @Transactional
    public void apply(Batch batch, String by, Pulse pulse) {
        int written = write(batch, Direction.APPLY, pulse, by);
        if (!batches.applied(batch.id(), by, written)) {
            throw new Stopped("It was stopped meanwhile. Nothing was applied.");
        }
        keep(batch, What.APPLIED, by);
    }

    /** @throws Stopped where a row was changed since, or somebody asked to cancel */
    @Transactional
    public void undo(Batch batch, String by, Pulse pulse) {
        write(batch, Direction.UNDO, pulse, by);
        if (!batches.undone(batch.id(), by)) {
            throw new Stopped("It was stopped meanwhile. Nothing was undone.");
        }
        keep(batch, What.UNDONE, by);
    }

    private void keep(Batch batch, What what, String by) {
        Batch.Totals totals = batch.totals();
        Map<String, String> counts = Map.of(
                "prices added", "" + totals.added(),
                "prices changed", "" + totals.changed(),
                "prices removed", "" + totals.removed());
        changes.keep(new Change(ChangeSubject.BATCH, batch.id(), batch.title(), what, "", Map.of(), counts), by);
    }

    private int write(Batch batch, Direction way, Pulse pulse, String by) {
        shops.hold();
        long id = batch.id();
        int total = batch.totals().writing();
        pulse.written(0, total);
        lockGoods(id);
        compare(id, way);
        boolean moves = moves(id, way);
        if (moves) {
            sql.update(
                    "delete r from price_row r join price_batch_row b on b.target_id = r.id where b.batch_id = ? and"
                            + " b.target = 'R' and " + way.leaves(),
                    id);
        }
        int last = last(id);
        for (int from = 0; from <= last; from += AT_A_TIME) {
            pulse.written((int) Math.min(total, (long) total * from / Math.max(1, last)), total);
            some(id, way, moves, from, from + AT_A_TIME);
        }
        pulse.written(total, total);
        standing.write(id, way);
        shelfPrices(id, way, "product", 'P');
        shelfPrices(id, way, "variant", 'V');
        changed.by(
                by,
                "select distinct b.product_id as id from price_batch_row b where b.batch_id = ? and "
                        + Direction.WRITES,
                id);
        return total;
    }

    private int last(long id) {
        Integer last = sql.queryForObject(
                "select coalesce(max(number), 0) from price_batch_row where batch_id = ?", Integer.class, id);
        return last == null ? 0 : last;
    }

    /** Whether any price row comes or goes; most batches only change prices. */
    private boolean moves(long id, Direction way) {
        Boolean some = sql.queryForObject(
                "select exists(select 1 from price_batch_row b where b.batch_id = ? and b.target = 'R' and ("
                        + way.arrives() + " or " + way.leaves() + "))",
                Boolean.class,
                id);
        return Boolean.TRUE.equals(some);
    }

    private void some(long id, Direction way, boolean moves, int from, int to) {
        sql.update(
                "update price_row r join price_batch_row b on b.target_id = r.id set r.price = " + way.price()
                        + " where b.batch_id = ? and b.number > ? and b.number <= ? and b.target = 'R' and "
                        + way.stays(),
                id,
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
                id,
                from,
                to);
    }

    private void shelfPrices(long id, Direction way, String table, char target) {
        sql.update(
                "update " + table + " p join price_batch_row b on b.target_id = p.id set p.shelf_price = " + way.price()
                        + " where b.batch_id = ? and b.target = '" + target + "' and " + Direction.WRITES,
                id);
    }

    private void lockGoods(long id) {
        sql.query(
                "select p.id from product p where p.id in (select b.product_id from price_batch_row b where b.batch_id = ?"
                        + " and " + Direction.WRITES + ") order by p.id for update",
                row -> {},
                id);
    }

    private void compare(long id, Direction way) {
        List<String> changed = new ArrayList<>();
        changed.addAll(named(
                "left join price_row r on r.id = b.target_id where b.batch_id = ? and b.target = 'R' and "
                        + way.wasThere() + " and " + way.differs(),
                id));
        changed.addAll(named(
                "join product p on p.id = b.target_id where b.batch_id = ? and b.target = 'P' and " + Direction.WRITES
                        + " and not p.shelf_price <=> " + way.priceBefore(),
                id));
        changed.addAll(named(
                "join variant p on p.id = b.target_id where b.batch_id = ? and b.target = 'V' and " + Direction.WRITES
                        + " and not p.shelf_price <=> " + way.priceBefore(),
                id));
        changed.addAll(named(
                "join product p on p.id = b.product_id where b.batch_id = ? and " + Direction.WRITES
                        + " and p.removed_at is not null",
                id));
        changed.addAll(named(
                "join price_row x on " + way.clashes() + " where b.batch_id = ? and b.target = 'R' and " + way.arrives()
                        + " and not exists (select 1 from price_batch_row o where o.batch_id = b.batch_id and o.sku = b.sku and o.target = 'R'"
                        + " and o.target_id = x.id and " + way.leaves().replace("b.", "o.") + ")",
                id));
        if (!changed.isEmpty()) {
            List<String> first = changed.stream().distinct().limit(NAMED).toList();
            String what = way == Direction.APPLY
                    ? "checked. Nothing was applied; check it again."
                    : "applied. Nothing was undone.";
            throw new Stopped("These prices were changed since the batch was " + what + " " + String.join("; ", first)
                    + (changed.size() > NAMED ? "; and more." : "."));
        }
    }

    /** “line 12, SHK-8 from 10”. */
    private List<String> named(String rest, long id) {
        return sql.queryForList(
                "select concat('line ', b.line, ', ', b.sku, if(coalesce(b.from_pieces, b.old_from) is null, '',"
                        + " concat(' from ', coalesce(b.from_pieces, b.old_from)))) from price_batch_row b "
                        + rest + " order by b.number limit " + (NAMED + 1),
                String.class,
                id);
    }
}
