package dev.steelyard.web.cards.page;

import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** A price grid as a coloured table: one hue, the dearer the darker; the cell of the trial ringed. */
record GridView(String place, List<Edge> columns, List<Row> rows) {

    private static final int SHADES = 8;

    /** The size of a column or row. */
    record Edge(String place, String text, boolean inUse) {}

    record Row(Edge edge, List<Cell> cells) {}

    /**
     * A price.
     *
     * @param shade 0 for the cheapest to 8 for the dearest; -1 for an empty cell
     * @param inUse whether the trial is priced by it
     * @param outOfOrder whether it is dearer than the next larger size
     */
    record Cell(String place, String text, int shade, boolean inUse, boolean outOfOrder) {}

    static GridView of(String place, Fields fields, TrialText trial) {
        List<String> columns = fields.texts(place + "/columns");
        List<String> rows = fields.texts(place + "/rows");
        String unit = fields.text(place + "/unit");
        int column = reached(columns, fields.text(place + "/columnsBy"), unit, fields, trial);
        int row = reached(rows, fields.text(place + "/rowsBy"), fields.text(place + "/rowsUnit", unit), fields, trial);
        BigDecimal[][] prices = new BigDecimal[rows.size()][columns.size()];
        for (int r = 0; r < rows.size(); r++) {
            for (int c = 0; c < columns.size(); c++) {
                prices[r][c] = DecimalText.read(fields.text(place + "/prices/" + r + "/" + c))
                        .value();
            }
        }
        List<Row> all = new ArrayList<>();
        for (int r = 0; r < rows.size(); r++) {
            List<Cell> cells = new ArrayList<>();
            for (int c = 0; c < columns.size(); c++) {
                String at = place + "/prices/" + r + "/" + c;
                cells.add(new Cell(
                        at,
                        fields.text(at),
                        shade(prices, prices[r][c]),
                        r == row && c == column,
                        dearer(prices, r, c)));
            }
            all.add(new Row(new Edge(place + "/rows/" + r, rows.get(r), r == row), cells));
        }
        return new GridView(
                place,
                IntStream.range(0, columns.size())
                        .mapToObj(c -> new Edge(place + "/columns/" + c, columns.get(c), c == column))
                        .toList(),
                all);
    }

    /** The first edge that is not smaller than the trial's answer; -1 where there is none. */
    private static int reached(List<String> edges, String name, String unit, Fields fields, TrialText trial) {
        BigDecimal answer = DecimalText.read(trial.get(TrialText.ANSWER + name)).value();
        String typedIn = trial.get(TrialText.UNIT + name);
        Unit from = Unit.of(typedIn.isEmpty() ? fields.unit(name) : typedIn).orElse(null);
        Unit to = Unit.of(unit).orElse(null);
        if (answer == null || from == null || to == null || !from.dimension().equals(to.dimension())) {
            return -1;
        }
        for (int i = 0; i < edges.size(); i++) {
            BigDecimal edge = DecimalText.read(edges.get(i)).value();
            if (edge != null && to.toBase(edge).compareTo(from.toBase(answer)) >= 0) {
                return i;
            }
        }
        return -1;
    }

    private static int shade(BigDecimal[][] prices, @Nullable BigDecimal price) {
        if (price == null) {
            return -1;
        }
        double least = Double.MAX_VALUE;
        double most = 0;
        for (BigDecimal[] row : prices) {
            for (BigDecimal other : row) {
                if (other != null) {
                    least = Math.min(least, other.doubleValue());
                    most = Math.max(most, other.doubleValue());
                }
            }
        }
        return most > least ? (int) Math.round((price.doubleValue() - least) / (most - least) * SHADES) : 0;
    }

    private static boolean dearer(BigDecimal[][] prices, int row, int column) {
        BigDecimal price = prices[row][column];
        if (price == null) {
            return false;
        }
        BigDecimal right = column + 1 < prices[row].length ? prices[row][column + 1] : null;
        BigDecimal below = row + 1 < prices.length ? prices[row + 1][column] : null;
        return right != null && price.compareTo(right) > 0
                || below != null && price.compareTo(Objects.requireNonNull(below)) > 0;
    }
}
