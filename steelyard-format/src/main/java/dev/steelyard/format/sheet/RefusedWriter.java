package dev.steelyard.format.sheet;

import dev.steelyard.core.sheet.SheetColumn;
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
import java.util.Objects;
import java.util.Set;

/** Writes rows that were refused as they were, each with its reason, as a sheet that can be mended and read again. */
public final class RefusedWriter implements Closeable {

    private static final String LINE = "line";
    private static final String BECAUSE = "refused because";

    /** The heads of what stands beside a row's own cells; reading leaves them out. */
    public static final Set<String> BESIDE = Set.of(LINE, BECAUSE);

    private static final int REASON_WIDTH = 80;
    private static final int WIDTH = 16;

    private final TableWriter table;
    private final SheetColumn[] columns;

    /** @param columns of the kind of sheet */
    public RefusedWriter(TableKind kind, CsvForm form, OutputStream to, SheetColumn[] columns) throws IOException {
        this.columns = columns.clone();
        List<TableHead.Column> heads = new ArrayList<>(Arrays.stream(columns)
                .map(column -> new TableHead.Column(column.head(), WIDTH, 0))
                .toList());
        heads.add(new TableHead.Column(LINE, 8, 0));
        heads.add(new TableHead.Column(BECAUSE, REASON_WIDTH, 0));
        this.table = Tables.write(kind, to, new TableHead(heads, List.of()), form);
    }

    /** Adds a row with its cells as texts. */
    public void add(int line, Map<? extends SheetColumn, String> cells, String reason) throws IOException {
        List<Cell> row = new ArrayList<>();
        for (SheetColumn column : columns) {
            row.add(Cell.text(Objects.requireNonNullElse(cells.get(column), "")));
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
