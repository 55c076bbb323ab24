package dev.steelyard.web.editing.rows;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.curve.PieceCurve;
import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.editing.table.LadderTable;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A product's breaks with what is worked out beside them: how much below the shelf price, and the margin. */
final class RowsTable {

    private static final List<String> HEADS = List.of("Off shelf", "Margin");

    private final Item item;
    private final @Nullable PieceCurve everyone;

    /** @param everyone what everyone pays; none where the item has no breaks, or nothing can be drawn */
    RowsTable(Item item, @Nullable PieceCurve everyone) {
        this.item = item;
        this.everyone = everyone;
    }

    LadderTable worked(LadderTable table) {
        return new LadderTable(
                table.list(),
                table.groups(),
                HEADS,
                table.rows().stream().map(this::worked).toList());
    }

    private LadderTable.Row worked(LadderTable.Row row) {
        BigDecimal price = DecimalText.read(row.everyone().text()).value();
        BigDecimal shelf = item.shelfPrice();
        BigDecimal cost = item.unitCost();
        String open = inherited(row.from());
        return new LadderTable.Row(
                row.place(),
                row.from(),
                row.following(),
                row.cells().stream().map(cell -> cell.open(open)).toList(),
                List.of(
                        price == null || shelf == null || shelf.signum() == 0
                                ? ""
                                : Show.percent(shelf.subtract(price), shelf),
                        price == null || cost == null || price.signum() == 0
                                ? ""
                                : Show.percent(price.subtract(cost), price)));
    }

    /** The price a group pays at a threshold without a cell of its own; empty where that cannot be said. */
    private String inherited(String typed) {
        BigDecimal from = DecimalText.read(typed).value();
        return everyone != null && from != null && Quantity.allowed(from)
                ? everyone.perPiece(from.intValueExact()).toString()
                : "";
    }
}
