package dev.steelyard.web.goods.intake;

import dev.steelyard.format.columns.ColumnPlan;
import dev.steelyard.format.goods.GoodsReadRow;
import dev.steelyard.format.goods.GoodsSheetReader;
import dev.steelyard.format.table.TableKind;
import dev.steelyard.format.table.TableLimits;
import dev.steelyard.format.table.Tables;
import dev.steelyard.format.table.UnreadableTable;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.goods.batch.Batch;
import dev.steelyard.web.goods.batch.BatchJob;
import dev.steelyard.web.goods.batch.Batches;
import dev.steelyard.web.goods.batch.Pulse;
import dev.steelyard.web.goods.batch.RowCounts;
import dev.steelyard.web.goods.batch.RowsShown;
import dev.steelyard.web.goods.intake.GoodsChecks.Found;
import dev.steelyard.web.goods.intake.GoodsChecks.Numbered;
import dev.steelyard.web.goods.sheets.ShelfPrices;
import dev.steelyard.web.sold.replay.Tried;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Batches of goods: what a goods sheet says of products and variants. */
@Component
class GoodsJob implements BatchJob {

    private static final int MOST_ROWS = 150_000;
    private static final int PAGE = 5_000;

    private final IntakeRows rows;
    private final GoodsChecks checks;
    private final GoodsApplying applying;
    private final GoodsTried tried;
    private final ShelfPrices shelfPrices;
    private final Batches batches;
    private final MadeNames made;
    private final TransactionTemplate transactions;

    GoodsJob(
            IntakeRows rows,
            GoodsChecks checks,
            GoodsApplying applying,
            GoodsTried tried,
            ShelfPrices shelfPrices,
            Batches batches,
            MadeNames made,
            TransactionTemplate transactions) {
        this.transactions = transactions;
        this.rows = rows;
        this.checks = checks;
        this.applying = applying;
        this.tried = tried;
        this.shelfPrices = shelfPrices;
        this.batches = batches;
        this.made = made;
    }

    @Override
    public boolean does(Batch.Origin origin) {
        return origin == Batch.Origin.GOODS;
    }

    @Override
    public void read(long batch, Path file, ColumnPlan plan, Pulse pulse) throws UnreadableTable, IOException {
        List<Numbered> read = new ArrayList<>();
        GoodsSheetReader reader = new GoodsSheetReader(plan, row -> {
            if (read.size() <= MOST_ROWS) {
                read.add(new Numbered(read.size() + 1, row));
                pulse.read(read.size());
            }
        });
        TableKind kind = Tables.read(file, TableLimits.USUAL, reader);
        if (read.isEmpty()) {
            throw new UnreadableTable("There are no rows under the heads.");
        }
        if (read.size() > MOST_ROWS) {
            throw new UnreadableTable("A goods sheet has at most " + MOST_ROWS
                    + " rows, and this one has more. Split it into several files, products before their variants.");
        }
        batches.known(batch, kind, false);
        check(batch, read, plan, pulse);
    }

    /** Checks rows that come from elsewhere than a file. @throws UnreadableTable where there are none */
    void rows(long batch, List<GoodsReadRow> some, ColumnPlan plan, Pulse pulse) throws UnreadableTable {
        if (some.isEmpty()) {
            throw new UnreadableTable("There are no new goods in it.");
        }
        List<Numbered> read = new ArrayList<>();
        some.forEach(row -> read.add(new Numbered(read.size() + 1, row)));
        check(batch, read, plan, pulse);
    }

    private void check(long batch, List<Numbered> read, ColumnPlan plan, Pulse pulse) {
        pulse.total(read.size());
        RowCounts counts = new RowCounts();
        NewNames.Made names = checks.check(batch, read, plan, found -> {
            found.rows().forEach(row -> counts.add(row.outcome(), row.notes()));
            keep(batch, found);
            pulse.checked(found.rows().size());
        });
        made.keep(batch, names);
        batches.counted(batch, counts);
    }

    private void keep(long batch, Found found) {
        rows.insert(batch, found.rows());
        shelfPrices.keep(batch, found.prices());
    }

    /** All of it at once: were it stopped halfway, rows would be shown whose prices are not kept. */
    private void replace(long batch, List<Found> all, NewNames.Made names) {
        RowCounts counts = new RowCounts();
        all.forEach(found -> found.rows().forEach(row -> counts.add(row.outcome(), row.notes())));
        transactions.executeWithoutResult(status -> {
            forget(batch);
            all.forEach(found -> keep(batch, found));
            made.keep(batch, names);
            batches.counted(batch, counts);
        });
    }

    @Override
    public void again(Batch batch, Pulse pulse) {
        List<Numbered> read = new ArrayList<>();
        for (List<IntakeRow> page = rows.page(batch.id(), RowsShown.ALL, 0, PAGE);
                !page.isEmpty();
                page = rows.page(
                        batch.id(), RowsShown.ALL, page.get(page.size() - 1).number(), PAGE)) {
            page.forEach(row -> read.add(new Numbered(row.number(), new GoodsReadRow(row.line(), row.said()))));
            pulse.read(read.size());
        }
        pulse.total(read.size());
        List<Found> all = new ArrayList<>();
        NewNames.Made names = checks.check(batch.id(), read, batch.plan(), found -> {
            all.add(found);
            pulse.checked(found.rows().size());
        });
        replace(batch.id(), all, names);
    }

    @Override
    public void apply(Batch batch, String by, Pulse pulse) {
        applying.apply(batch, by, pulse);
    }

    @Override
    public void undo(Batch batch, String by, Pulse pulse) {
        applying.undo(batch, by, pulse);
    }

    @Override
    public Tried tried(long batch, BookInForce book) {
        return tried.of(batch, book);
    }

    @Override
    public void forget(long batch) {
        rows.deleteAll(batch);
        shelfPrices.forget(batch);
    }
}
