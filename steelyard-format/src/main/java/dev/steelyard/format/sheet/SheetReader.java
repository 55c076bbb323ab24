package dev.steelyard.format.sheet;

import dev.steelyard.core.sheet.Column;
import dev.steelyard.format.table.Cell;
import dev.steelyard.format.table.CsvForm;
import dev.steelyard.format.table.RowSink;
import dev.steelyard.format.table.TableRow;
import dev.steelyard.format.table.UnreadableTable;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Finds the head of a sheet and reads the rows under it. Columns may stand in any order; one whose head is not
 * known stops the sheet until somebody says that it is to be left out. Lines above the head are left out.
 */
public final class SheetReader implements RowSink {

    private static final int HEAD_WITHIN = 40;

    private final SheetShop shop;
    private final CsvForm form;
    private final Set<String> leftOut;
    private final Consumer<ReadRow> sink;
    private int before;
    private String firstLine = "";
    private @Nullable Map<Column, Integer> places;
    private @Nullable RowReader rows;

    /** @param leftOut heads of columns that somebody said are to be left out */
    public SheetReader(SheetShop shop, CsvForm form, Set<String> leftOut, Consumer<ReadRow> sink) {
        this.leftOut = Set.copyOf(leftOut);
        this.shop = shop;
        this.form = form;
        this.sink = sink;
    }

    @Override
    public void row(TableRow row) throws UnreadableTable {
        Map<Column, Integer> known = places;
        if (known == null || rows == null) {
            head(row);
            return;
        }
        sink.accept(
                rows.read(row.line(), column -> known.containsKey(column) ? row.cell(known.get(column)) : Cell.EMPTY));
    }

    /** To be called after the last row. @throws UnreadableTable where no head was found */
    public void end() throws UnreadableTable {
        if (places == null) {
            throw noHead();
        }
    }

    /** Whether the head was found. */
    public boolean hasHead() {
        return places != null;
    }

    /** Whether thresholds are missing altogether, so that all rows are shelf prices. */
    public boolean onlyShelfPrices() {
        return places != null && onlyShelfPrices(places);
    }

    private static boolean onlyShelfPrices(Map<Column, Integer> places) {
        return !places.containsKey(Column.FROM) && !places.containsKey(Column.WHAT);
    }

    private void head(TableRow row) throws UnreadableTable {
        if (before == 0) {
            firstLine = row.cells().stream().map(Cell::shown).limit(8).collect(Collectors.joining(" | "));
        }
        if (++before > HEAD_WITHIN) {
            throw noHead();
        }
        Map<Column, Integer> found = new EnumMap<>(Column.class);
        List<String> unknown = new ArrayList<>();
        Column twice = null;
        int at = 0;
        for (int i = 0; i < row.cells().size(); i++) {
            String head = row.cell(i).shown().strip();
            boolean out = head.isEmpty() || leftOut.contains(head) || RefusedWriter.BESIDE.contains(head);
            Column column = out ? null : Column.of(head).orElse(null);
            if (column == null && !out) {
                unknown.add(head);
            } else if (column != null && found.putIfAbsent(column, i) != null && twice == null) {
                twice = column;
                at = i;
            }
        }
        if (found.containsKey(Column.SKU) && found.containsKey(Column.PRICE)) {
            if (twice != null) {
                throw new UnreadableTable("The head “" + twice.head() + "” stands twice, in columns "
                        + (found.get(twice) + 1) + " and " + (at + 1) + ". Keep one of them.");
            }
            if (!unknown.isEmpty()) {
                throw new UnknownHeads(unknown.stream().distinct().toList());
            }
            places = found;
            rows = new RowReader(shop, form, onlyShelfPrices(found));
        }
    }

    private UnreadableTable noHead() {
        String start = firstLine.length() > 120 ? firstLine.substring(0, 120) + "…" : firstLine;
        return new UnreadableTable("No line has the heads “" + Column.SKU.head() + "” and “" + Column.PRICE.head()
                + "”, which a price sheet needs."
                + (start.isEmpty() ? " There is nothing in it." : " It begins: " + start));
    }
}
