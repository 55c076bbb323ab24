package dev.steelyard.format.columns;

import dev.steelyard.core.sheet.SheetColumn;
import dev.steelyard.format.table.Cell;
import dev.steelyard.format.table.CsvForm;
import dev.steelyard.format.table.TableRow;
import java.util.HashMap;
import java.util.Map;

/**
 * How a file is read: where its heads stand, which of its columns is what, and how what is written in them is meant. Columns
 * are named by their names, so that a plan can be kept.
 *
 * @param headLine the line of the heads; what stands above is left out
 * @param places numbers of columns in the file, from 0
 * @param signs before the decimals of numbers, by column; a point where none is given
 * @param orders of days, by column; the day first where none is given
 */
public record ColumnPlan(
        int headLine, Map<String, Integer> places, Map<String, CsvForm> signs, Map<String, DayOrder> orders) {

    /** Cells typed one by one, by the application's own columns. */
    public static final ColumnPlan TYPED = new ColumnPlan(0, Map.of(), Map.of(), Map.of());

    public ColumnPlan {
        places = Map.copyOf(places);
        signs = Map.copyOf(signs);
        orders = Map.copyOf(orders);
    }

    public boolean has(SheetColumn column) {
        return places.containsKey(column.name());
    }

    /** The cell of a column in a row; empty where there is none. */
    public Cell cell(SheetColumn column, TableRow row) {
        Integer place = places.get(column.name());
        return place == null ? Cell.EMPTY : row.cell(place);
    }

    public CsvForm sign(SheetColumn column) {
        return signs.getOrDefault(column.name(), CsvForm.POINT);
    }

    /** Reads the numbers of a column. @param currency that may stand beside those that are money */
    public NumberInCell numbers(SheetColumn column, String currency) {
        boolean told = signs.containsKey(column.name());
        return column.holds() == SheetColumn.Holding.COUNT
                ? NumberInCell.counts(sign(column), told)
                : NumberInCell.money(sign(column), currency, told);
    }

    public DayOrder order(SheetColumn column) {
        return orders.getOrDefault(column.name(), DayOrder.DAY_FIRST);
    }

    /** The same with numbers read in one way in all columns. */
    public ColumnPlan with(CsvForm sign, SheetColumn... columns) {
        Map<String, CsvForm> all = new HashMap<>();
        for (SheetColumn column : columns) {
            if (column.holds().isNumber()) {
                all.put(column.name(), sign);
            }
        }
        return new ColumnPlan(headLine, places, all, orders);
    }
}
