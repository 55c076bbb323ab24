package dev.steelyard.format.sheet;

import dev.steelyard.core.sheet.Column;
import dev.steelyard.core.sheet.SheetRow;
import dev.steelyard.format.table.TableHead;
import java.util.Arrays;
import java.util.List;

/** The head of a sheet that is taken out: its columns, and what they mean. */
final class SheetHeads {

    private static final int PRICE_DECIMALS = 2;

    private SheetHeads() {}

    static TableHead of(String currency) {
        return new TableHead(
                Arrays.stream(Column.values()).map(SheetHeads::column).toList(), notes(currency));
    }

    static TableHead.Column column(Column column) {
        return switch (column) {
            case SKU, GROUP, WHAT, STARTS, ENDS -> new TableHead.Column(column.head(), 14, 0);
            case PRODUCT -> new TableHead.Column(column.head(), 34, 0);
            case PRICE -> new TableHead.Column(column.head(), 12, PRICE_DECIMALS);
            case KEY -> new TableHead.Column(column.head(), 18, 0);
            default -> new TableHead.Column(column.head(), 10, 0);
        };
    }

    private static List<TableHead.Note> notes(String currency) {
        return List.of(
                new TableHead.Note(
                        "Price sheet",
                        "each row is one price. Change prices, add rows, read the file in again: every change is shown to"
                                + " you before anything happens. Rows you take out of the file stay as they are in the shop."),
                note(Column.SKU, "of the product, or of one of its variants."),
                note(Column.PRODUCT, "its name; for reading only."),
                note(Column.GROUP, "the customer group the price is for, or " + SheetShop.EVERYONE + "."),
                note(
                        Column.WHAT,
                        "“" + Column.SHELF_PRICE + "”, or “" + Column.ROW + "” for a price from so many pieces on."),
                note(Column.FROM, "from how many pieces on the price holds; empty for a shelf price."),
                note(Column.TO, "the last piece before the next row begins; worked out, for reading only."),
                note(Column.PRICE, "of one piece, in " + currency + "."),
                note(Column.STARTS, "the first day, like 2027-04-01; empty for always."),
                note(Column.ENDS, "the last day on which it holds, that day included; empty for ever."),
                note(Column.CURRENCY, "always " + currency + "."),
                note(
                        Column.KEY,
                        "which price of the shop the row is. Leave it as it is; leave it empty in rows that are new."),
                note(
                        Column.ACTION,
                        "empty: the price shall be as written. “" + SheetRow.Wish.REMOVE.word()
                                + "”: it is taken off. “" + SheetRow.Wish.KEEP.word() + "”: nothing."));
    }

    private static TableHead.Note note(Column column, String sentence) {
        return new TableHead.Note(column.head(), sentence);
    }
}
