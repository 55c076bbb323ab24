package dev.steelyard.format.sheet;

import dev.steelyard.core.sheet.Column;
import dev.steelyard.format.table.Cell;
import dev.steelyard.format.table.CsvForm;
import dev.steelyard.format.table.TableHead;
import dev.steelyard.format.table.TableKind;
import dev.steelyard.format.table.TableWriter;
import dev.steelyard.format.table.Tables;
import java.io.Closeable;
import java.io.IOException;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Writes rows that were refused as they were, each with its reason, as a sheet that can be mended and read again. */
public final class RefusedWriter implements Closeable {

    private static final String LINE = "line";
    private static final String BECAUSE = "refused because";

    /** The heads of what stands beside a row's own cells; reading leaves them out. */
    static final Set<String> BESIDE = Set.of(LINE, BECAUSE);

    private static final int REASON_WIDTH = 80;

    private final TableWriter table;

    public RefusedWriter(TableKind kind, CsvForm form, OutputStream to) throws IOException {
        List<TableHead.Column> columns = new ArrayList<>(
                Arrays.stream(Column.values()).map(SheetHeads::column).toList());
        columns.add(new TableHead.Column(LINE, 8, 0));
        columns.add(new TableHead.Column(BECAUSE, REASON_WIDTH, 0));
        this.table = Tables.write(kind, to, new TableHead(columns, List.of()), form);
    }

    /** Adds a row with its cells as texts. */
    public void add(int line, Map<Column, String> cells, String reason) throws IOException {
        List<Cell> row = new ArrayList<>();
        for (Column column : Column.values()) {
            row.add(Cell.text(cells.getOrDefault(column, "")));
        }
        row.add(Cell.text("" + line));
        row.add(Cell.text(reason));
        table.row(row);
    }

    @Override
    public void close() throws IOException {
        table.close();
    }
}
