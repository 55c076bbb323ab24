package dev.steelyard.web.goods.sheets;

import dev.steelyard.core.number.PriceLimits;
import dev.steelyard.core.sheet.Column;
import dev.steelyard.core.sheet.Outcome;
import dev.steelyard.core.sheet.PriceLine;
import dev.steelyard.core.sheet.SheetRow;
import dev.steelyard.format.columns.ColumnPlan;
import dev.steelyard.format.sheet.ReadRow;
import dev.steelyard.format.sheet.SheetCells;
import dev.steelyard.format.sheet.SheetReader;
import dev.steelyard.format.sheet.SheetShop;
import dev.steelyard.format.table.CsvForm;
import dev.steelyard.format.table.TableKind;
import dev.steelyard.format.table.TableLimits;
import dev.steelyard.format.table.Tables;
import dev.steelyard.format.table.UnreadableTable;
import dev.steelyard.web.base.database.RowsInBulk;
import dev.steelyard.web.goods.batch.Batches;
import dev.steelyard.web.goods.batch.Pulse;
import dev.steelyard.web.goods.batch.RowCounts;
import dev.steelyard.web.goods.batch.RowsShown;
import dev.steelyard.web.goods.sheets.SheetChecks.Numbered;
import dev.steelyard.web.shop.CustomerGroup;
import dev.steelyard.web.shop.Shops;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Reads a file, or the wishes of an action, into the rows of a batch, and checks them. */
@Component
class Reading {

    private static final int PAGE = 5_000;

    /** Each commit waits for the disk. */
    private static final int WRITTEN_AT_ONCE = 5_000;

    private final Batches batches;
    private final BatchRows rows;
    private final SheetChecks checker;
    private final Shops shops;

    Reading(Batches batches, BatchRows rows, SheetChecks checker, Shops shops) {
        this.batches = batches;
        this.rows = rows;
        this.checker = checker;
        this.shops = shops;
    }

    SheetShop shop() {
        return new SheetShop(
                shops.current().currency(),
                shops.groups().stream().map(CustomerGroup::name).collect(Collectors.toSet()));
    }

    /** @throws UnreadableTable in words for whoever chose the file */
    void file(long batch, Path file, ColumnPlan plan, Pulse pulse) throws UnreadableTable, IOException {
        List<Numbered> read = new ArrayList<>();
        SheetReader reader = new SheetReader(shop(), plan, row -> {
            read.add(new Numbered(read.size() + 1, row));
            pulse.read(read.size());
        });
        TableKind kind = Tables.read(file, TableLimits.USUAL, reader);
        if (read.isEmpty()) {
            throw new UnreadableTable("There are no rows under the heads.");
        }
        batches.known(batch, kind, SheetReader.onlyShelfPrices(plan));
        check(batch, read, pulse);
    }

    /** @throws UnreadableTable where there is nothing to be done */
    void wishes(long batch, List<PriceWish> wishes, Pulse pulse) throws UnreadableTable {
        if (wishes.isEmpty()) {
            throw new UnreadableTable("None of the picked goods has a price this would change.");
        }
        List<Numbered> read = new ArrayList<>();
        for (PriceWish wish : wishes) {
            int number = read.size() + 1;
            read.add(new Numbered(number, asRow(wish, number)));
        }
        check(batch, read, pulse);
    }

    /** What an action works out may be no price: less than nothing. */
    private static ReadRow asRow(PriceWish wish, int number) {
        PriceLine line = wish.line();
        String fault = wish.remove() ? null : PriceLimits.fault(line.price());
        SheetRow row = new SheetRow(
                number,
                line.group(),
                line.from(),
                null,
                line.price(),
                line.validity(),
                wish.key(),
                wish.remove() ? SheetRow.Wish.REMOVE : SheetRow.Wish.SET);
        return fault == null
                ? new ReadRow(number, wish.sku(), "", row, null, Map.of())
                : new ReadRow(
                        number,
                        wish.sku(),
                        "",
                        null,
                        new Outcome.Refusal(Column.PRICE, fault),
                        SheetCells.of(wish.sku(), row, CsvForm.POINT));
    }

    /** Checks all rows anew against the goods as they are now; the old outcomes stay until the new ones are there. */
    void again(long batch, Pulse pulse) {
        List<Numbered> read = new ArrayList<>();
        for (List<BatchRow> page = rows.page(batch, RowsShown.ALL, 0, PAGE);
                !page.isEmpty();
                page = rows.page(batch, RowsShown.ALL, page.get(page.size() - 1).number(), PAGE)) {
            page.forEach(row -> read.add(new Numbered(row.number(), Mending.asRead(row))));
            pulse.read(read.size());
        }
        List<RowsInBulk.Packed> checked = new ArrayList<>();
        RowCounts counts = check(batch, read, pulse, checked::add);
        rows.replaceAll(batch, checked);
        batches.counted(batch, counts);
    }

    private void check(long batch, List<Numbered> read, Pulse pulse) {
        List<RowsInBulk.Packed> waiting = new ArrayList<>();
        RowCounts counts = check(batch, read, pulse, some -> {
            waiting.add(some);
            if (waiting.stream().mapToInt(RowsInBulk.Packed::count).sum() >= WRITTEN_AT_ONCE) {
                rows.insertPacked(waiting);
                waiting.clear();
            }
        });
        rows.insertPacked(waiting);
        batches.counted(batch, counts);
    }

    /** Some rows as they will be written, and what they count. */
    private record Checked(RowsInBulk.Packed rows, RowCounts counts) {}

    private RowCounts check(long batch, List<Numbered> read, Pulse pulse, Consumer<RowsInBulk.Packed> sink) {
        pulse.total(read.size());
        RowCounts counts = new RowCounts();
        Function<List<BatchRow>, RowsInBulk.Packed> packing = rows.packing(batch);
        checker.check(
                batch,
                read,
                found -> {
                    RowCounts some = new RowCounts();
                    found.forEach(row -> some.add(row.outcome(), row.notes()));
                    return new Checked(packing.apply(found), some);
                },
                some -> {
                    counts.add(some.counts());
                    sink.accept(some.rows());
                    pulse.checked(some.rows().count());
                });
        return counts;
    }
}
