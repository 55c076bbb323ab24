package dev.steelyard.format.goods;

import dev.steelyard.format.table.Cell;
import dev.steelyard.format.table.CsvForm;
import dev.steelyard.format.table.TableHead;
import dev.steelyard.format.table.TableKind;
import dev.steelyard.format.table.TableWriter;
import dev.steelyard.format.table.Tables;
import java.io.Closeable;
import java.io.IOException;
import java.io.OutputStream;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Writes stored goods as a sheet, in all columns but the action and those that are kept from whoever reads it. */
public final class GoodsSheetWriter implements Closeable {

    private final List<GoodsColumn> columns;
    private final TableWriter table;

    /** Begins a sheet on a stream, which is left open. @param kept columns that are left out */
    public GoodsSheetWriter(TableKind kind, CsvForm form, OutputStream to, String currency, Set<GoodsColumn> kept)
            throws IOException {
        this.columns = Arrays.stream(GoodsColumn.values())
                .filter(column -> column != GoodsColumn.ACTION && !kept.contains(column))
                .toList();
        this.table = Tables.write(kind, to, head(currency), form);
    }

    private TableHead head(String currency) {
        List<TableHead.Note> notes = new ArrayList<>(List.of(new TableHead.Note(
                "Goods sheet",
                "each row is a product or a variant. Change cells, add rows, read the file in again: every change is shown to"
                        + " you before anything happens. Rows you take out of the file stay as they are in the shop; a cell"
                        + " you empty says that nothing is to be there. Prices are in " + currency + ".")));
        columns.forEach(column -> notes.add(new TableHead.Note(column.head(), column.meaning() + ".")));
        return new TableHead(columns.stream().map(GoodsSheetWriter::column).toList(), notes);
    }

    private static TableHead.Column column(GoodsColumn column) {
        return switch (column) {
            case NAME, CATEGORY -> new TableHead.Column(column.head(), 34, 0);
            case DESCRIPTION -> new TableHead.Column(column.head(), 50, 0);
            case SHELF_PRICE, UNIT_COST -> new TableHead.Column(column.head(), 12, 2);
            default -> new TableHead.Column(column.head(), 16, 0);
        };
    }

    /** Adds a product or variant. @param values as {@link GoodsCells} writes them */
    public void add(Map<GoodsColumn, String> values) throws IOException {
        List<Cell> cells = new ArrayList<>();
        for (GoodsColumn column : columns) {
            String text = values.getOrDefault(column, "");
            boolean figure = column.holds().isNumber() && !text.isEmpty();
            cells.add(figure ? new Cell.Figure(new BigDecimal(text)) : Cell.text(text));
        }
        table.row(cells);
    }

    @Override
    public void close() throws IOException {
        table.close();
    }
}
