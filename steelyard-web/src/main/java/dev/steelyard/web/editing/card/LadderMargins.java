package dev.steelyard.web.editing.card;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.finding.Margins;
import dev.steelyard.core.ladder.Ladder;
import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.web.editing.table.LadderTable;
import dev.steelyard.web.editing.table.MarginToKeep;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The margins of a card's breaks, and which values would keep one, of the goods that are tried: of percentages by the price
 * that the trial has before breaks.
 */
final class LadderMargins {

    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);
    private static final List<String> HEADS = List.of("Margin");

    private final Ladder.Value value;
    private final Margins margins;
    private final Item item;
    private final MarginToKeep keeping;
    private final int decimals;
    private final BigDecimal each;
    private final BigDecimal units;

    private LadderMargins(Ladder.Value value, Margins margins, PricedLine line, String keeping) {
        this.value = value;
        this.margins = margins;
        this.item = line.item();
        this.keeping = MarginToKeep.of(keeping, margins, item);
        this.decimals = line.pricePerPiece().value().scale();
        this.each = line.total()
                .value()
                .add(line.reduced().value())
                .divide(BigDecimal.valueOf(line.quantity()), Decimals.EXACT);
        this.units = line.billable() == null ? BigDecimal.ONE : line.billable().value();
    }

    /**
     * The table with margins, where the cost is known and the ladder's values are prices, lots or percentages.
     *
     * @param line the trial; none where it has no price
     * @param keeping as typed
     */
    static LadderTable worked(
            LadderTable table, @Nullable Ladder ladder, @Nullable PricedLine line, Margins margins, String keeping) {
        if (ladder == null
                || line == null
                || line.item().unitCost() == null
                || ladder.value() == Ladder.Value.AMOUNT_OFF) {
            return table;
        }
        LadderMargins by = new LadderMargins(ladder.value(), margins, line, keeping);
        return new LadderTable(
                table.list(),
                table.groups(),
                HEADS,
                table.rows().stream().map(by::row).toList(),
                by.keeping.typed());
    }

    private LadderTable.Row row(LadderTable.Row row) {
        BigDecimal typed = DecimalText.read(row.everyone().text()).value();
        BigDecimal from = DecimalText.read(row.from()).value();
        BigDecimal margin = typed == null || from == null ? null : margin(typed, from);
        return new LadderTable.Row(
                row.place(),
                row.from(),
                row.following(),
                row.cells(),
                List.of(margin == null ? "" : Decimals.plain(margin, 0) + " %"),
                from == null ? null : keeps(typed, from));
    }

    private @Nullable BigDecimal margin(BigDecimal typed, BigDecimal from) {
        return switch (value) {
            case PERCENT_OFF -> margins.of(
                    item, each.multiply(HUNDRED.subtract(typed), Decimals.EXACT).movePointLeft(2), units);
            case LOT_TOTAL -> margins.of(item, typed, from.multiply(units, Decimals.EXACT));
            default -> margins.of(item, typed, BigDecimal.ONE);
        };
    }

    private @Nullable String keeps(@Nullable BigDecimal typed, BigDecimal from) {
        BigDecimal percent = keeping.percent();
        if (percent == null) {
            return null;
        }
        BigDecimal kept =
                switch (value) {
                    case PERCENT_OFF -> margins.largestReduction(item, each, units, percent, 1);
                    case LOT_TOTAL -> {
                        BigDecimal one = margins.lowest(item, percent, decimals);
                        yield one == null ? null : one.multiply(from.multiply(units, Decimals.EXACT), Decimals.EXACT);
                    }
                    default -> margins.lowest(item, percent, decimals);
                };
        return kept == null || typed != null && kept.compareTo(typed) == 0 ? null : Decimals.plain(kept, 0);
    }
}
