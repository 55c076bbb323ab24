package dev.steelyard.web.editing.rows;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.curve.PieceCurve;
import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.web.base.page.Show;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One row of the table with what is worked out beside it.
 *
 * @param cells a cell for everyone, then for each group
 * @param off how much below the shelf price everyone's price is; empty where there is none
 * @param margin of everyone's price over the unit cost; empty where there is none
 */
record BreakRow(int index, RowText text, List<Cell> cells, String off, String margin, String dates) {

    /**
     * @param inherited the price that counts where the cell is left open
     */
    record Cell(long groupId, String group, String text, String inherited) {}

    static BreakRow of(int index, RowText text, List<Cell> cells, Item item) {
        BigDecimal price = cells.isEmpty() ? null : readable(cells.get(0).text());
        BigDecimal shelf = item.shelfPrice();
        BigDecimal cost = item.unitCost();
        return new BreakRow(
                index,
                text,
                cells,
                price == null || shelf == null || shelf.signum() == 0 ? "" : Show.percent(shelf.subtract(price), shelf),
                price == null || cost == null || price.signum() == 0 ? "" : Show.percent(price.subtract(cost), price),
                dates(text));
    }

    /** The price a group would pay at the row's threshold without a cell of its own; empty where that cannot be said. */
    static String inherited(RowText text, @Nullable PieceCurve everyone) {
        BigDecimal from = readable(text.from());
        return everyone != null && from != null && Quantity.allowed(from)
                ? everyone.perPiece(from.intValueExact()).toString()
                : "";
    }

    private static @Nullable BigDecimal readable(String text) {
        return DecimalText.read(text).value();
    }

    private static String dates(RowText text) {
        if (text.starts().isBlank() && text.ends().isBlank()) {
            return "always";
        }
        String from = text.starts().isBlank() ? "" : "from " + shown(text.starts());
        String until = text.ends().isBlank() ? "" : "until " + shown(text.ends());
        return (from + " " + until).strip();
    }

    private static String shown(String day) {
        return day.matches("\\d{4}-\\d{2}-\\d{2}") ? day : "?";
    }
}
