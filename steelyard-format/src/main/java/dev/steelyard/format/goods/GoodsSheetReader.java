package dev.steelyard.format.goods;

import dev.steelyard.format.columns.ColumnPlan;
import dev.steelyard.format.table.Cell;
import dev.steelyard.format.table.RowSink;
import dev.steelyard.format.table.TableRow;
import java.util.EnumMap;
import java.util.Map;
import java.util.function.Consumer;

/** Reads the rows of a goods sheet under its heads, by a plan of its columns. */
public final class GoodsSheetReader implements RowSink {

    private final ColumnPlan plan;
    private final Consumer<GoodsReadRow> sink;

    public GoodsSheetReader(ColumnPlan plan, Consumer<GoodsReadRow> sink) {
        this.plan = plan;
        this.sink = sink;
    }

    @Override
    public void row(TableRow row) {
        if (row.line() <= plan.headLine()) {
            return;
        }
        Map<GoodsColumn, String> texts = new EnumMap<>(GoodsColumn.class);
        for (GoodsColumn column : GoodsColumn.values()) {
            if (plan.has(column)) {
                texts.put(column, text(column, plan.cell(column, row)));
            }
        }
        sink.accept(new GoodsReadRow(row.line(), texts));
    }

    /** A number of a spreadsheet is written with the sign that the column's texts have, so that both are read alike. */
    private String text(GoodsColumn column, Cell cell) {
        String shown = cell.bare();
        return cell instanceof Cell.Figure && column.holds().isNumber()
                ? shown.replace('.', plan.sign(column).decimal())
                : shown;
    }
}
