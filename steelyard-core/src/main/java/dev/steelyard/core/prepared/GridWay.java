package dev.steelyard.core.prepared;

import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.reckoning.Fault.Kind;
import dev.steelyard.core.reckoning.Place;
import dev.steelyard.core.reckoning.Refused;
import dev.steelyard.core.reckoning.Step.Figure;
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
    public @Nullable Priced price(Run run, String lead) {
        int column = nextUp(columns, run.base(columnsBy));
        int row = nextUp(rows, run.base(rowsBy));
        BigDecimal price = column < 0 || row < 0 ? null : grid.prices().get(row).get(column);
        if (price == null) {
            if (grid.elseNextCase()) {
                return null;
            }
            throw column < 0 || row < 0
                    ? Refused.at(Place.GRID, Kind.BEYOND, beyond())
                    : Refused.at(Place.GRID, Kind.NO_PRICE, "this size is not made: " + cell(column, row));
        }
        if (run.notes().wanted()) {
            String size = "next size up, " + cell(column, row);
            run.notes().piece("Price grid", lead + size, size, price, null);
        }
        return Priced.unmeasured(price);
    }

    private static int nextUp(BigDecimal[] edges, BigDecimal value) {
        int found = Arrays.binarySearch(edges, value);
        int at = found >= 0 ? found : -found - 1;
        return at < edges.length ? at : -1;
    }

    private String beyond() {
        return "this size is beyond the price grid, which ends at "
                + cell(grid.columns().size() - 1, grid.rows().size() - 1);
    }

    private String cell(int column, int row) {
        return columnsBy.ask().label() + " " + new Figure(grid.columns().get(column), 0, grid.columnUnit()) + ", "
                + rowsBy.ask().label() + " " + new Figure(grid.rows().get(row), 0, grid.rowUnit());
    }
}
