package dev.steelyard.format.sheet;

import dev.steelyard.core.card.Sku;
import dev.steelyard.core.sheet.Column;
import dev.steelyard.core.sheet.KeptPrice;
import dev.steelyard.core.sheet.PriceLine;
import dev.steelyard.core.sheet.RowEnds;
import dev.steelyard.format.table.Cell;
import dev.steelyard.format.table.CsvForm;
import dev.steelyard.format.table.TableKind;
import dev.steelyard.format.table.TableWriter;
import dev.steelyard.format.table.Tables;
import java.io.Closeable;
import java.io.IOException;
import java.io.OutputStream;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/** Writes stored prices as a sheet. SKUs are texts, so that leading zeros live; prices and thresholds are numbers. */
public final class SheetWriter implements Closeable {

    private final TableWriter table;
    private final String currency;

    /** Begins a sheet on a stream, which is left open. */
    public SheetWriter(TableKind kind, CsvForm form, OutputStream to, String currency) throws IOException {
        this.table = Tables.write(kind, to, SheetHeads.of(currency), form);
        this.currency = currency;
    }

    /**
     * Adds the prices of one item.
     *
     * @param prices all it has of its own, so that “to” can be worked out
     * @param picked which of them are written
     */
    public void add(Sku sku, String product, List<KeptPrice> prices, Predicate<PriceLine> picked) throws IOException {
        RowEnds ends = RowEnds.of(prices);
        for (KeptPrice price : prices) {
            if (picked.test(price.line())) {
                table.row(cells(sku, product, price, ends.end(price).orElse(null)));
            }
        }
    }

    private List<Cell> cells(Sku sku, String product, KeptPrice price, @Nullable Integer to) {
        PriceLine line = price.line();
        return List.of(
                Cell.text(sku.value()),
                Cell.text(product),
                Cell.text(line.group() == null ? SheetShop.EVERYONE : line.group()),
                Cell.text(line.isShelf() ? Column.SHELF_PRICE : Column.ROW),
                whole(line.from()),
                whole(to),
                new Cell.Figure(line.price()),
                day(line.validity().from()),
                day(line.validity().lastDay()),
                Cell.text(currency),
                Cell.text(price.key().toString()),
                Cell.EMPTY);
    }

    private static Cell whole(@Nullable Integer number) {
        return number == null ? Cell.EMPTY : new Cell.Figure(BigDecimal.valueOf(number));
    }

    private static Cell day(@Nullable LocalDate day) {
        return day == null ? Cell.EMPTY : new Cell.Day(day);
    }

    @Override
    public void close() throws IOException {
        table.close();
    }
}
