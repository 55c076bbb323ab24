package dev.steelyard.format.columns;

import dev.steelyard.core.number.WrittenNumber;
import dev.steelyard.core.sheet.SheetColumn;
import dev.steelyard.format.table.Cell;
import dev.steelyard.format.table.RowSink;
import dev.steelyard.format.table.TableRow;
import dev.steelyard.format.table.UnreadableTable;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Looks a whole file through before it is read: which line has the heads, and what stands in each column. The heads are the
 * first line with those that a sheet needs; else the first line of several different texts that are no numbers.
 */
public final class FileLook implements RowSink {

    private static final int HEAD_WITHIN = 40;
    private static final int FIRST_LINE = 120;

    private final SheetColumn[] columns;
    private final List<TableRow> first = new ArrayList<>();
    private final List<ColumnCounts> counts = new ArrayList<>();
    private @Nullable TableRow head;
    private int rows;

    /** @param columns that the sheet may have */
    public FileLook(SheetColumn[] columns) {
        this.columns = columns.clone();
    }

    /**
     * What was found.
     *
     * @param headLine the line of the heads
     * @param rows how many lines stand under it
     * @param columns those with a head or with anything under it
     */
    public record Seen(int headLine, int rows, List<ColumnSeen> columns) {

        public Seen {
            columns = List.copyOf(columns);
        }

        /** The heads in their order, by which a file of the same make is known again. */
        public String heads() {
            return columns.stream().map(one -> one.place() + "=" + one.head()).collect(Collectors.joining("\n"));
        }
    }

    @Override
    public void row(TableRow row) {
        if (head != null) {
            count(row);
            return;
        }
        first.add(row);
        if (hasNeeded(row)) {
            begin(row);
        } else if (first.size() == HEAD_WITHIN) {
            first.stream().filter(FileLook::couldBeHeads).findFirst().ifPresent(this::begin);
        }
    }

    private void begin(TableRow found) {
        head = found;
        first.stream().filter(row -> row.line() > found.line()).forEach(this::count);
        first.subList(1, first.size()).clear();
    }

    private boolean hasNeeded(TableRow row) {
        List<SheetColumn> found = row.cells().stream()
                .flatMap(cell -> SheetColumn.of(cell.shown(), columns).stream())
                .toList();
        for (SheetColumn column : columns) {
            if (column.needed() && !found.contains(column)) {
                return false;
            }
        }
        return true;
    }

    private static boolean couldBeHeads(TableRow row) {
        List<Cell> filled =
                row.cells().stream().filter(cell -> !cell.bare().isEmpty()).toList();
        return filled.size() > 1
                && filled.stream().map(Cell::shown).distinct().count() == filled.size()
                && filled.stream().allMatch(FileLook::isWord);
    }

    private static boolean isWord(Cell cell) {
        return cell instanceof Cell.Text text
                && !WrittenNumber.plain(text.text()).matches("[+-]?\\d+(\\.\\d+)?")
                && !text.text().matches("\\d+[.,]\\d+");
    }

    private void count(TableRow row) {
        rows++;
        for (int i = 0; i < row.cells().size(); i++) {
            while (counts.size() <= i) {
                counts.add(new ColumnCounts());
            }
            counts.get(i).add(row.cell(i));
        }
    }

    /** To be asked after the last row. @throws UnreadableTable where no line could be one of heads */
    public Seen seen() throws UnreadableTable {
        if (head == null) {
            first.stream().filter(FileLook::couldBeHeads).findFirst().ifPresent(this::begin);
        }
        if (head == null) {
            throw noHeads();
        }
        List<ColumnSeen> found = new ArrayList<>();
        for (int i = 0; i < Math.max(head.cells().size(), counts.size()); i++) {
            ColumnCounts of = i < counts.size() ? counts.get(i) : new ColumnCounts();
            ColumnSeen one = of.seen(i, head.cell(i).bare());
            if (!one.head().isEmpty() || one.filled() > 0) {
                found.add(one);
            }
        }
        return new Seen(head.line(), rows, found);
    }

    private UnreadableTable noHeads() {
        String line = first.isEmpty()
                ? ""
                : first.get(0).cells().stream().map(Cell::shown).limit(8).collect(Collectors.joining(" | "));
        String start = line.length() > FIRST_LINE ? line.substring(0, FIRST_LINE) + "…" : line;
        List<String> needed = new ArrayList<>();
        for (SheetColumn column : columns) {
            if (column.needed()) {
                needed.add("“" + column.head() + "”");
            }
        }
        return new UnreadableTable("No line has heads such as " + String.join(" and ", needed)
                + ", which the sheet needs."
                + (start.isEmpty() ? " There is nothing in it." : " It begins: " + start));
    }
}
