package dev.steelyard.web.editing.rows;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.curve.PieceCurve;
import dev.steelyard.core.finding.Margins;
import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.editing.table.LadderTable;
import dev.steelyard.web.editing.table.MarginToKeep;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A product's breaks with what is worked out beside them: how much below the shelf price, and the margin. */
final class RowsTable {

    private static final List<String> HEADS = List.of("Off shelf", "Margin");

    private final Item item;
    private final @Nullable PieceCurve everyone;
    private final Margins margins;
    private final MarginToKeep keeping;
    private final int decimals;

    /**
     * Told of one item.
     *
     * @param everyone what everyone pays; none where the item has no breaks, or nothing can be drawn
     * @param keeping the margin to be kept, as typed; empty for the one that counts
     */
    RowsTable(Item item, @Nullable PieceCurve everyone, Margins margins, String keeping, int decimals) {
        this.margins = margins;
        this.keeping = MarginToKeep.of(keeping, margins, item);
        this.decimals = decimals;
        this.item = item;
        this.everyone = everyone;
    }

    LadderTable worked(LadderTable table) {
        return new LadderTable(
                table.list(),
                table.groups(),
                HEADS,
                table.rows().stream().map(this::worked).toList(),
                item.unitCost() == null ? null : keeping.typed());
    }

    private LadderTable.Row worked(LadderTable.Row row) {
        BigDecimal price = DecimalText.read(row.everyone().text()).value();
        BigDecimal shelf = item.shelfPrice();
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
                        margin(price)),
                keeps(price));
    }

    /** The lowest price that keeps the margin. */
    private @Nullable String keeps(@Nullable BigDecimal price) {
        BigDecimal percent = keeping.percent();
        BigDecimal lowest = percent == null ? null : margins.lowest(item, percent, decimals);
        return lowest == null || price != null && lowest.compareTo(price) == 0 ? null : lowest.toPlainString();
    }

    /** Of the price without tax; empty where the cost is not known. */
    private String margin(@Nullable BigDecimal price) {
        BigDecimal margin = price == null ? null : margins.of(item, price, BigDecimal.ONE);
        return margin == null ? "" : Decimals.plain(margin, 0) + " %";
    }

    /** The price a group pays at a threshold without a cell of its own; empty where that cannot be said. */
    private String inherited(String typed) {
        BigDecimal from = DecimalText.read(typed).value();
        return everyone != null && from != null && Quantity.allowed(from)
                ? everyone.perPiece(from.intValueExact()).toString()
                : "";
    }
}
