package dev.steelyard.core.prepared;

import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.reckoning.Fault.Kind;
import dev.steelyard.core.reckoning.Place;
import dev.steelyard.core.reckoning.Refused;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Refusal;
import dev.steelyard.core.said.Told;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The cell at the next size up. */
final class GridWay implements Way {

    private final PiecePrice.Grid grid;
    private final PreparedMeasurement columnsBy;
    private final PreparedMeasurement rowsBy;
    private final BigDecimal[] columns;
    private final BigDecimal[] rows;

    GridWay(PiecePrice.Grid grid, PreparedMeasurement columnsBy, PreparedMeasurement rowsBy) {
        this.grid = grid;
        this.columnsBy = columnsBy;
        this.rowsBy = rowsBy;
        this.columns = edges(grid.columns(), grid.columnUnit());
        this.rows = edges(grid.rows(), grid.rowUnit());
    }

    private static BigDecimal[] edges(List<BigDecimal> edges, Unit unit) {
        return edges.stream().map(unit::toBase).toArray(BigDecimal[]::new);
    }

    @Override
    public @Nullable Priced price(Run run, Part lead) {
        int column = nextUp(columns, run.base(columnsBy));
        int row = nextUp(rows, run.base(rowsBy));
        BigDecimal price = column < 0 || row < 0 ? null : grid.prices().get(row).get(column);
        if (price == null) {
            if (grid.elseNextCase()) {
                return null;
            }
            throw column < 0 || row < 0
                    ? refused(
                            Kind.BEYOND,
                            Refusal.BEYOND_GRID,
                            grid.columns().size() - 1,
                            grid.rows().size() - 1)
                    : refused(Kind.NO_PRICE, Refusal.SIZE_NOT_MADE, column, row);
        }
        if (run.notes().wanted()) {
            Fact size = Fact.of(
                    Told.NEXT_SIZE_UP,
                    lead,
                    Part.name(columnsBy.ask().label()),
                    width(column),
                    Part.name(rowsBy.ask().label()),
                    height(row));
            run.notes().piece(Fact.of(Told.PRICE_GRID), size, price, null);
        }
        return Priced.unmeasured(price);
    }

    private static int nextUp(BigDecimal[] edges, BigDecimal value) {
        int found = Arrays.binarySearch(edges, value);
        int at = found >= 0 ? found : -found - 1;
        return at < edges.length ? at : -1;
    }

    private Refused refused(Kind kind, Refusal code, int column, int row) {
        return Refused.at(
                Place.GRID,
                kind,
                code,
                Part.name(columnsBy.ask().label()),
                width(column),
                Part.name(rowsBy.ask().label()),
                height(row));
    }

    private Part width(int column) {
        return Part.amount(grid.columns().get(column), grid.columnUnit());
    }

    private Part height(int row) {
        return Part.amount(grid.rows().get(row), grid.rowUnit());
    }
}
