package dev.steelyard.format.sheet;

import dev.steelyard.core.ladder.Days;
import dev.steelyard.core.ladder.Validity;
import dev.steelyard.core.number.PriceLimits;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.core.sheet.Column;
import dev.steelyard.core.sheet.Outcome.Refusal;
import dev.steelyard.core.sheet.RowKey;
import dev.steelyard.core.sheet.SheetRow;
import dev.steelyard.core.sheet.SheetRow.Wish;
import dev.steelyard.format.columns.ColumnPlan;
import dev.steelyard.format.columns.DayOrder;
import dev.steelyard.format.columns.NumberInCell;
import dev.steelyard.format.table.Cell;
import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** Reads the cells of one row, whichever column each stands in. */
public final class RowReader {

    private static final int LONGEST_SKU = 64;

    private final SheetShop shop;
    private final Map<Column, NumberInCell> numbers = new EnumMap<>(Column.class);
    private final ColumnPlan plan;
    private final boolean onlyShelfPrices;

    /**
     * @param plan how numbers and days are written where they are texts
     * @param onlyShelfPrices whether the sheet has neither thresholds nor the column that tells rows from shelf prices
     */
    public RowReader(SheetShop shop, ColumnPlan plan, boolean onlyShelfPrices) {
        this.shop = shop;
        this.plan = plan;
        for (Column column : Column.values()) {
            if (column.holds().isNumber()) {
                numbers.put(column, plan.numbers(column, shop.currency()));
            }
        }
        this.onlyShelfPrices = onlyShelfPrices;
    }

    /** The same for cells that are texts, as they are typed to mend a row. */
    public ReadRow readTexts(int line, Map<Column, String> texts) {
        return read(line, column -> Cell.text(texts.getOrDefault(column, "")));
    }

    /** Every empty cell is none; the first fault from left to right is told. */
    ReadRow read(int line, Function<Column, Cell> cells) {
        String sku = cells.apply(Column.SKU).bare();
        String name = cells.apply(Column.PRODUCT).bare();
        try {
            return new ReadRow(line, sku, name, row(line, sku, cells), null, Map.of());
        } catch (Wrong wrong) {
            Map<Column, String> texts = new EnumMap<>(Column.class);
            for (Column column : Column.values()) {
                texts.put(column, cells.apply(column).shown());
            }
            return new ReadRow(line, sku, name, null, wrong.refusal, texts);
        }
    }

    private SheetRow row(int line, String sku, Function<Column, Cell> cells) throws Wrong {
        Wish wish = wish(cells.apply(Column.ACTION).bare());
        if (wish == Wish.KEEP) {
            return new SheetRow(line, null, null, null, null, Validity.ALWAYS, null, wish); // whatever else it says
        }
        if (sku.isEmpty() || sku.length() > LONGEST_SKU) {
            throw new Wrong(
                    Column.SKU,
                    sku.isEmpty() ? "The SKU is missing" : "The SKU is longer than " + LONGEST_SKU + " characters");
        }
        String group = group(cells.apply(Column.GROUP).bare());
        RowKey key = key(cells.apply(Column.KEY).bare());
        Integer from = threshold(Column.FROM, cells.apply(Column.FROM));
        boolean shelf = isShelf(cells.apply(Column.WHAT).bare(), from, key);
        Integer to = threshold(Column.TO, cells.apply(Column.TO));
        BigDecimal price = price(cells.apply(Column.PRICE));
        LocalDate starts = day(Column.STARTS, cells.apply(Column.STARTS));
        LocalDate last = day(Column.ENDS, cells.apply(Column.ENDS));
        LocalDate ends = last == null ? null : last.plusDays(1);
        String stretch = Days.fault(starts, ends);
        if (stretch != null) {
            throw new Wrong(Column.ENDS, stretch);
        }
        checkCurrency(cells.apply(Column.CURRENCY).bare());
        return new SheetRow(line, group, shelf ? null : from, to, price, new Validity(starts, ends), key, wish);
    }

    private @Nullable String group(String text) throws Wrong {
        if (text.isEmpty() || text.equalsIgnoreCase(SheetShop.EVERYONE)) {
            return null;
        }
        if (!shop.groups().contains(text)) {
            throw new Wrong(
                    Column.GROUP,
                    "There is no customer group “" + shortened(text) + "”; there are "
                            + String.join(", ", shop.groups().stream().sorted().toList()) + " and "
                            + SheetShop.EVERYONE);
        }
        return text;
    }

    private static @Nullable RowKey key(String text) throws Wrong {
        if (text.isEmpty()) {
            return null;
        }
        return RowKey.parse(text)
                .orElseThrow(() -> new Wrong(
                        Column.KEY,
                        "“" + shortened(text)
                                + "” is no key; leave keys as they were taken out, and empty in new rows"));
    }

    private @Nullable Integer threshold(Column column, Cell cell) throws Wrong {
        BigDecimal value = number(column, cell);
        if (value == null) {
            return null;
        }
        if (!Quantity.allowed(value)) {
            throw new Wrong(
                    column,
                    value.toPlainString() + " is no number of pieces; it is a whole number from 1 to " + Quantity.MOST);
        }
        return value.intValueExact();
    }

    private boolean isShelf(String what, @Nullable Integer from, @Nullable RowKey key) throws Wrong {
        boolean shelf;
        if (what.equalsIgnoreCase(Column.SHELF_PRICE)) {
            shelf = true;
        } else if (what.equalsIgnoreCase(Column.ROW)) {
            shelf = false;
        } else if (what.isEmpty()) {
            shelf = from == null && (onlyShelfPrices || key != null && key.kind() != RowKey.Kind.ROW);
        } else {
            throw new Wrong(
                    Column.WHAT,
                    "“" + shortened(what) + "” is neither “" + Column.SHELF_PRICE + "” nor “" + Column.ROW + "”");
        }
        if (shelf && from != null) {
            throw new Wrong(Column.FROM, "A shelf price has no threshold; empty the cell, or make it a row");
        }
        if (!shelf && from == null) {
            throw new Wrong(
                    Column.FROM,
                    "From how many pieces? Write a whole number; for the shelf price write “" + Column.SHELF_PRICE
                            + "” under " + Column.WHAT.head());
        }
        return shelf;
    }

    private @Nullable BigDecimal price(Cell cell) throws Wrong {
        BigDecimal value = number(Column.PRICE, cell);
        String fault = value == null ? null : PriceLimits.fault(value);
        if (fault != null) {
            throw new Wrong(Column.PRICE, fault);
        }
        return value;
    }

    private @Nullable BigDecimal number(Column column, Cell cell) throws Wrong {
        NumberInCell.Reading reading =
                Objects.requireNonNull(numbers.get(column)).read(cell);
        if (reading.fault() != null) {
            throw new Wrong(column, reading.fault());
        }
        return reading.value();
    }

    private @Nullable LocalDate day(Column column, Cell cell) throws Wrong {
        String text = cell.bare();
        if (text.isEmpty()) {
            return null;
        }
        LocalDate day =
                cell instanceof Cell.Day known ? known.day() : cell instanceof Cell.Text ? typed(column, text) : null;
        if (day == null || !Days.allowed(day)) {
            throw new Wrong(
                    column,
                    "“" + shortened(text) + "” is no day from " + Days.FIRST + " to " + Days.LAST
                            + "; write it like 2027-04-01");
        }
        return day;
    }

    /** With points the day comes first wherever it is written so; with strokes it may be either: as the column says. */
    private @Nullable LocalDate typed(Column column, String text) {
        LocalDate day = iso(text);
        if (day != null) {
            return day;
        }
        return text.indexOf('.') > 0
                ? DayOrder.DAY_FIRST.read(text)
                : plan.orders().containsKey(column.name()) ? plan.order(column).read(text) : null;
    }

    private static @Nullable LocalDate iso(String text) {
        try {
            return LocalDate.parse(text);
        } catch (DateTimeException noDay) {
            return null;
        }
    }

    private void checkCurrency(String text) throws Wrong {
        if (!text.isEmpty() && !text.equalsIgnoreCase(shop.currency())) {
            throw new Wrong(
                    Column.CURRENCY,
                    "The price is in “" + shortened(text) + "”; prices of this shop are in " + shop.currency());
        }
    }

    private static Wish wish(String text) throws Wrong {
        return Arrays.stream(Wish.values())
                .filter(wish -> wish.word().equalsIgnoreCase(text))
                .findFirst()
                .orElseThrow(() -> new Wrong(
                        Column.ACTION,
                        "“" + shortened(text) + "” is no action; leave it empty, or write “" + Wish.REMOVE.word()
                                + "” or “" + Wish.KEEP.word() + "”"));
    }

    private static String shortened(String text) {
        return text.length() <= 40 ? text : text.substring(0, 40) + "…";
    }

    /** Ends the reading of a row. */
    private static final class Wrong extends Exception {

        private static final long serialVersionUID = 1L;

        private final transient Refusal refusal;

        Wrong(Column column, String reason) {
            super(reason, null, false, false);
            this.refusal = new Refusal(column, reason);
        }
    }
}
