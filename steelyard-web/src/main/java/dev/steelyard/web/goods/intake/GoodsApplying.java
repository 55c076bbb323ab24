package dev.steelyard.web.goods.intake;

import dev.steelyard.core.sheet.Outcome;
import dev.steelyard.format.goods.GoodsCells;
import dev.steelyard.format.goods.GoodsColumn;
import dev.steelyard.web.goods.BatchPrices;
import dev.steelyard.web.goods.ChangedGoods;
import dev.steelyard.web.goods.Direction;
import dev.steelyard.web.goods.GoodsInBulk;
import dev.steelyard.web.goods.GoodsTexts;
import dev.steelyard.web.goods.GoodsTexts.Now;
import dev.steelyard.web.goods.batch.Batch;
import dev.steelyard.web.goods.batch.Batches;
import dev.steelyard.web.goods.batch.Pulse;
import dev.steelyard.web.goods.batch.Stopped;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.history.Change;
import dev.steelyard.web.shop.history.ChangeSubject;
import dev.steelyard.web.shop.history.Changes;
import dev.steelyard.web.shop.history.What;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Applies a whole goods sheet, or takes it back, in one transaction: any of it fails, and nothing was done. */
@Component
class GoodsApplying {

    private static final int AT_A_TIME = 1_000;
    private static final int NAMED = 10;
    private static final String NEW =
            "select %s as id from goods_batch_row where batch_id = ? and outcome = 'ADD' and variant = %s";

    private final IntakeRows rows;
    private final GoodsTexts texts;
    private final GoodsInBulk bulk;
    private final MadeNames names;
    private final BatchPrices prices;
    private final ChangedGoods changed;
    private final Batches batches;
    private final Changes changes;
    private final Shops shops;
    private final JdbcTemplate sql;

    GoodsApplying(
            IntakeRows rows,
            GoodsTexts texts,
            GoodsInBulk bulk,
            MadeNames names,
            BatchPrices prices,
            ChangedGoods changed,
            Batches batches,
            Changes changes,
            Shops shops,
            JdbcTemplate sql) {
        this.rows = rows;
        this.texts = texts;
        this.bulk = bulk;
        this.names = names;
        this.prices = prices;
        this.changed = changed;
        this.batches = batches;
        this.changes = changes;
        this.shops = shops;
        this.sql = sql;
    }

    /** @throws Stopped where goods are no longer as they were, or somebody asked to cancel */
    @Transactional
    public void apply(Batch batch, String by, Pulse pulse) {
        long id = batch.id();
        lock(id, pulse, batch.totals().writing());
        BatchPrices.Kinds kinds = prices.kinds(id, Direction.APPLY);
        stopWhereChanged(kinds);
        List<MadeNames.New> made = names.make(id);
        long revision = changed.made();
        GoodsInBulk.Numbers numbers = bulk.numbers();
        Told told = new Told(pulse, batch.totals().writing());
        each(id, Outcome.Kind.ADD, false, some -> {
            checkNames(some, numbers);
            bulk.insertProducts(written(some, false), numbers, revision, by);
            told.more(some.size());
        });
        each(id, Outcome.Kind.ADD, true, some -> {
            bulk.insertVariants(written(some, false));
            told.more(some.size());
        });
        update(id, false, numbers, told);
        prices.write(kinds, row -> told.asYetSo());
        prices.seen(id, by);
        seen(id, by);
        names.keepMade(id, made);
        if (!batches.applied(id, by, batch.totals().writing())) {
            throw new Stopped("It was stopped meanwhile. Nothing was applied.");
        }
        keep(batch, What.APPLIED, by);
    }

    /** @throws Stopped where goods were changed since, or somebody asked to cancel */
    @Transactional
    public void undo(Batch batch, String by, Pulse pulse) {
        long id = batch.id();
        lock(id, pulse, batch.totals().writing());
        BatchPrices.Kinds kinds = prices.kinds(id, Direction.UNDO);
        stopWhereChanged(kinds);
        Told told = new Told(pulse, batch.totals().writing());
        update(id, true, bulk.numbers(), told);
        prices.write(kinds, row -> told.asYetSo());
        prices.seen(id, by);
        bulk.deleteVariants(NEW.formatted("variant_id", "true"), id);
        bulk.deleteProducts(NEW.formatted("product_id", "false"), id);
        seen(id, by);
        names.unmake(id);
        if (!batches.undone(id, by)) {
            throw new Stopped("It was stopped meanwhile. Nothing was undone.");
        }
        keep(batch, What.UNDONE, by);
    }

    /** How many rows are done, told as it goes. */
    private static final class Told {

        private final Pulse pulse;
        private final int total;
        private int done;

        Told(Pulse pulse, int total) {
            this.pulse = pulse;
            this.total = total;
        }

        void more(int rows) {
            done += rows;
            pulse.written(done, total);
        }

        /** Where something takes long without a row: it may be cancelled meanwhile. */
        void asYetSo() {
            more(0);
        }
    }

    private void lock(long id, Pulse pulse, int total) {
        pulse.written(0, total);
        shops.hold();
        sql.query(
                "select p.id from product p where p.id in (select product_id from goods_batch_row where batch_id = ? and"
                        + " outcome in ('ADD', 'CHANGE')) order by p.id for update",
                row -> {},
                id);
        prices.lock(id);
    }

    private void each(long id, Outcome.Kind outcome, boolean variants, Consumer<List<IntakeRow>> with) {
        int after = 0;
        for (List<IntakeRow> some = rows.page(id, outcome, variants, after, AT_A_TIME);
                !some.isEmpty();
                some = rows.page(id, outcome, variants, after, AT_A_TIME)) {
            with.accept(some);
            after = some.get(some.size() - 1).number();
        }
    }

    private static List<GoodsInBulk.Said> written(List<IntakeRow> some, boolean back) {
        return some.stream().map(row -> row.written(back)).toList();
    }

    private void update(long id, boolean back, GoodsInBulk.Numbers numbers, Told told) {
        each(id, Outcome.Kind.CHANGE, false, some -> {
            if (!back) {
                checkNames(some, numbers);
            }
            bulk.updateProducts(written(some, back), numbers);
            told.more(some.size());
        });
        each(id, Outcome.Kind.CHANGE, true, some -> {
            bulk.updateVariants(written(some, back));
            told.more(some.size());
        });
    }

    private void seen(long id, String by) {
        changed.by(
                by,
                "select distinct product_id as id from goods_batch_row where batch_id = ? and (outcome = 'CHANGE' or"
                        + " outcome = 'ADD' and variant)",
                id);
    }

    /** A class or category that was taken away since the rows were checked. */
    private static void checkNames(List<IntakeRow> some, GoodsInBulk.Numbers numbers) {
        for (IntakeRow row : some) {
            String taxClass = row.will().getOrDefault(GoodsColumn.TAX_CLASS, "");
            String paths = row.will().getOrDefault(GoodsColumn.CATEGORY, "");
            boolean gone = !numbers.taxClasses().containsKey(taxClass);
            for (String path : paths.isEmpty() ? new String[0] : paths.split(GoodsCells.AND)) {
                gone |= !numbers.categories().containsKey(path);
            }
            if (gone) {
                throw new Stopped(
                        "Tax classes or categories were changed since the sheet was checked, first seen in line "
                                + row.line() + ". Nothing was applied; check it again.");
            }
        }
    }

    private void stopWhereChanged(BatchPrices.Kinds kinds) {
        long id = kinds.batch();
        List<String> named = new ArrayList<>(prices.changedSince(kinds, NAMED + 1));
        boolean back = kinds.way() == Direction.UNDO;
        named.addAll(back ? touched(id) : taken(id));
        if (back) {
            each(id, Outcome.Kind.ADD, true, some -> named.addAll(differing(some, true)));
        }
        for (boolean variants : new boolean[] {false, true}) {
            each(id, Outcome.Kind.CHANGE, variants, some -> named.addAll(differing(some, back)));
        }
        if (!named.isEmpty()) {
            List<String> few = named.stream().distinct().limit(NAMED).toList();
            throw new Stopped("These goods were changed since the sheet was "
                    + (back ? "applied. Nothing was undone. " : "checked. Nothing was applied; check it again. ")
                    + String.join("; ", few)
                    + (named.size() > NAMED ? "; and more." : "."));
        }
    }

    private static String named(IntakeRow row) {
        return "line " + row.line() + ", " + row.sku();
    }

    /** New goods whose SKU somebody else has taken since. */
    private List<String> taken(long id) {
        List<String> named = new ArrayList<>();
        for (String table : List.of("product", "variant")) {
            named.addAll(named("join " + table + " p on p.sku = b.sku", "true", id));
        }
        return named.stream().map(one -> one + " (that SKU is there now)").toList();
    }

    /** New goods that somebody has worked on since: they would lose it. Making variants of one is a change of it. */
    private List<String> touched(long id) {
        return named(
                "left join product p on p.id = b.product_id",
                "(p.id is null or b.variant and exists (select 1 from price_row r where r.variant_id = b.variant_id)"
                        + " or not b.variant and p.version <> exists (select 1 from goods_batch_row v where v.batch_id ="
                        + " b.batch_id and v.outcome = 'ADD' and v.variant and v.product_id = b.product_id))",
                id);
    }

    private List<String> named(String join, String which, long id) {
        return sql.queryForList(
                "select concat('line ', b.line, ', ', b.sku) from goods_batch_row b " + join
                        + " where b.batch_id = ? and b.outcome = 'ADD' and " + which + " order by b.number limit "
                        + (NAMED + 1),
                String.class,
                id);
    }

    /** Shelf prices are compared with all other prices. */
    private List<String> differing(List<IntakeRow> some, boolean back) {
        Map<String, Now> there = texts.bySku(some.stream().map(IntakeRow::sku).toList());
        return some.stream()
                .filter(row -> !there.containsKey(row.sku())
                        || !withoutPrice(there.get(row.sku()).texts())
                                .equals(withoutPrice(back ? row.will() : row.was())))
                .map(GoodsApplying::named)
                .toList();
    }

    private static Map<GoodsColumn, String> withoutPrice(Map<GoodsColumn, String> texts) {
        Map<GoodsColumn, String> rest = new EnumMap<>(texts);
        rest.remove(GoodsColumn.SHELF_PRICE);
        return rest;
    }

    private void keep(Batch batch, What what, String by) {
        Map<String, String> counts = Map.of(
                "goods added", "" + batch.totals().added(),
                "goods changed", "" + batch.totals().changed());
        changes.keep(new Change(ChangeSubject.BATCH, batch.id(), batch.title(), what, "", Map.of(), counts), by);
    }
}
