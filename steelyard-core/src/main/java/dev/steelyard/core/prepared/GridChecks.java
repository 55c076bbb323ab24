package dev.steelyard.core.prepared;

import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.number.Decimals;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Checks that a price grid has edges in order and a cell for each of them. */
final class GridChecks {

    private GridChecks() {}

    static boolean check(PiecePrice.Grid grid, String at, boolean last, Issues issues) {
        int before = issues.all().size();
        edges(grid.columns(), at + "/columns", "column", issues);
        edges(grid.rows(), at + "/rows", "row", issues);
        issues.unless(
                grid.prices().size() == grid.rows().size(),
                at + "/prices",
                "there are " + grid.rows().size() + " rows but prices for "
                        + grid.prices().size());
        for (int row = 0; row < grid.prices().size(); row++) {
            List<@Nullable BigDecimal> prices = grid.prices().get(row);
            issues.unless(
                    prices.size() == grid.columns().size(),
                    at + "/prices/" + row,
                    "there are " + grid.columns().size() + " columns but " + prices.size() + " prices in this row");
            for (int column = 0; column < prices.size(); column++) {
                BigDecimal price = prices.get(column);
                issues.unless(
                        price == null || price.signum() >= 0,
                        at + "/prices/" + row + "/" + column,
                        "a price is 0 or more");
            }
        }
        issues.unless(
                !(grid.elseNextCase() && last),
                at + "/else",
                "this is the last case: there are no cases below to be tried on");
        return issues.all().size() == before;
    }

    private static void edges(List<BigDecimal> edges, String at, String name, Issues issues) {
        issues.unless(!edges.isEmpty(), at, "the grid has no " + name);
        for (int i = 0; i < edges.size(); i++) {
            issues.unless(edges.get(i).signum() > 0, at + "/" + i, "an edge is more than 0");
            issues.unless(
                    i == 0 || edges.get(i).compareTo(edges.get(i - 1)) > 0,
                    at + "/" + i,
                    "edges ascend: " + Decimals.plain(edges.get(i), 0) + " does not come after "
                            + (i == 0 ? "" : Decimals.plain(edges.get(i - 1), 0)));
        }
    }
}
