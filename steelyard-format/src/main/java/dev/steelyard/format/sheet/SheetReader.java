package dev.steelyard.format.sheet;

import dev.steelyard.core.sheet.Column;
import dev.steelyard.format.columns.ColumnPlan;
import dev.steelyard.format.table.RowSink;
import dev.steelyard.format.table.TableRow;
import java.util.function.Consumer;

/** Reads the rows of a price sheet under its heads, by a plan of its columns. */
public final class SheetReader implements RowSink {

    private final ColumnPlan plan;
    private final RowReader rows;
    private final Consumer<ReadRow> sink;

    public SheetReader(SheetShop shop, ColumnPlan plan, Consumer<ReadRow> sink) {
        this.plan = plan;
        this.rows = new RowReader(shop, plan, onlyShelfPrices(plan));
        this.sink = sink;
    }

    /** Whether thresholds are missing altogether, so that all rows are shelf prices. */
    public static boolean onlyShelfPrices(ColumnPlan plan) {
        return !plan.has(Column.FROM) && !plan.has(Column.WHAT);
    }

    @Override
    public void row(TableRow row) {
        if (row.line() > plan.headLine()) {
            sink.accept(rows.read(row.line(), column -> plan.cell(column, row)));
        }
    }
}
