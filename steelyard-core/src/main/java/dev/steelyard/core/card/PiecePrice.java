package dev.steelyard.core.card;

import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Breaks;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** One of the ways in which a piece is priced. */
public sealed interface PiecePrice {

    PiecePrice SHELF_PRICE = new ShelfPrice();
    PiecePrice NONE = new None();

    /** The product's shelf price, or the variant's own. */
    record ShelfPrice() implements PiecePrice {}

    /** For lots, whose ladder has the whole price. */
    record None() implements PiecePrice {}

    /**
     * Billable amount times a rate. Billable amount = max(atLeast, amount × (1 + waste) rounded up to the step).
     *
     * @param amount a formula that comes to the unit's kind
     * @param unit of the rate, the step and the smallest billable amount
     * @param price per unit
     * @param wastePercent none for none
     * @param roundUpTo R1: the step; none for no rounding
     * @param atLeast the smallest billable amount; none for none
     * @param breaks on the billable amount of one piece; none for one rate
     */
    record Rate(
            String amount,
            Unit unit,
            BigDecimal price,
            @Nullable BigDecimal wastePercent,
            @Nullable BigDecimal roundUpTo,
            @Nullable BigDecimal atLeast,
            @Nullable RateBreaks breaks)
            implements PiecePrice {

        /** One rate for the amount as it is. */
        public static Rate of(String amount, Unit unit, String price) {
            return new Rate(amount, unit, new BigDecimal(price), null, null, null, null);
        }
    }

    /**
     * Other rates from a billable amount on.
     *
     * @param slices whether each slice has its own rate; else all units have the rate reached
     * @param rows thresholds in the rate's unit, values the price per unit
     * @param alone groups whose rows stand alone, as those of a ladder
     */
    record RateBreaks(boolean slices, List<Break> rows, Set<String> alone) {
        public RateBreaks {
            rows = List.copyOf(rows);
            alone = Set.copyOf(alone);
        }

        /** Breaks in which no group stands alone. */
        public RateBreaks(boolean slices, List<Break> rows) {
            this(slices, rows, Set.of());
        }

        /** The rows, ready to be looked up by amounts in base units. */
        public Breaks prepared(Unit unit) {
            return Breaks.ofAmounts(rows, unit.factor(), alone);
        }
    }

    /**
     * A price grid: the cell at the first column and row that are not smaller than the measurements.
     *
     * @param columnsBy the measurement that picks the column
     * @param rowsBy the measurement that picks the row
     * @param columnUnit of the column edges
     * @param rowUnit of the row edges
     * @param columns edges, ascending
     * @param rows edges, ascending
     * @param prices a list for each row with a price or nothing for each column
     * @param elseNextCase whether the cases below are tried in an empty cell or beyond the grid; else it is refused
     */
    record Grid(
            String columnsBy,
            String rowsBy,
            Unit columnUnit,
            Unit rowUnit,
            List<BigDecimal> columns,
            List<BigDecimal> rows,
            List<List<@Nullable BigDecimal>> prices,
            boolean elseNextCase)
            implements PiecePrice {
        public Grid {
            columns = List.copyOf(columns);
            rows = List.copyOf(rows);
            prices = prices.stream()
                    .map(row -> Collections.unmodifiableList(new ArrayList<>(row))) // cells may be empty
                    .toList();
        }
    }

    /**
     * Packs to pick from.
     *
     * @param own what any other amount costs; none where only packs are sold
     */
    record Packs(List<Pack> packs, @Nullable OwnAmount own) implements PiecePrice {
        public Packs {
            packs = List.copyOf(packs);
        }
    }

    /** A fixed size at a fixed price. */
    record Pack(String name, BigDecimal amount, Unit unit, BigDecimal price) {}

    /**
     * Any amount at a rate, without waste or rounding; asked only where no pack is picked.
     *
     * @param by the measurement that is the amount
     */
    record OwnAmount(String by, Unit unit, BigDecimal price) {}

    /** A formula that comes to money. */
    record ByFormula(String formula) implements PiecePrice {}
}
