package dev.steelyard.format.sheet;

import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.sheet.Column;
import dev.steelyard.core.sheet.SheetRow;
import dev.steelyard.format.table.CsvForm;
import java.util.EnumMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** A row that was read, as the texts of its cells again. */
public final class SheetCells {

    private static final int PRICE_DECIMALS = 2;

    private SheetCells() {}

    public static Map<Column, String> of(String sku, SheetRow row, CsvForm form) {
        Map<Column, String> cells = new EnumMap<>(Column.class);
        cells.put(Column.SKU, sku);
        cells.put(Column.GROUP, row.group() == null ? SheetShop.EVERYONE : row.group());
        cells.put(Column.WHAT, row.isShelf() ? Column.SHELF_PRICE : Column.ROW);
        cells.put(Column.FROM, text(row.from()));
        cells.put(Column.TO, text(row.to()));
        cells.put(
                Column.PRICE,
                row.price() == null
                        ? ""
                        : Decimals.plain(row.price(), PRICE_DECIMALS).replace('.', form.decimal()));
        cells.put(Column.STARTS, text(row.validity().from()));
        cells.put(Column.ENDS, text(row.validity().lastDay()));
        cells.put(Column.KEY, text(row.key()));
        cells.put(Column.ACTION, row.wish().word());
        return cells;
    }

    private static String text(@Nullable Object value) {
        return value == null ? "" : value.toString();
    }
}
