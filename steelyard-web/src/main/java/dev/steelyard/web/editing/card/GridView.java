package dev.steelyard.web.editing.card;

import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.unit.Unit;
import dev.steelyard.web.base.page.TypedNumbers;
import dev.steelyard.web.editing.trial.TrialText;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A price grid as a coloured table: one hue, the dearer the darker; the cell of the trial ringed.
 *
 * @param faults what is wrong with cells and sizes, each with where it is
 */
record GridView(String place, List<Edge> columns, List<Row> rows, List<String> faults) {

    private static final int SHADES = 8;

    /** The size of a column or row. */
    record Edge(String place, String text, boolean inUse, boolean wrong) {}

    record Row(Edge edge, List<Cell> cells) {}

    /**
     * A price.
     *
     * @param shade 0 for the cheapest to 8 for the dearest; -1 for an empty cell
     * @param inUse whether the trial is priced by it
     * @param outOfOrder whether it is dearer than the next larger size
     * @param fault what is wrong with it; empty where nothing is
     * @param label which cell it is, for those who cannot see the table
     */
    record Cell(String place, String text, int shade, boolean inUse, boolean outOfOrder, String fault, String label) {

        /** What it looks like. */
        public String look() {
            return "shade" + shade + (inUse ? " in-use" : "") + (outOfOrder ? " out-of-order" : "");
        }

        /** What is said of it on asking; none where nothing is. */
        public @Nullable String title() {
            return !fault.isEmpty() ? fault : outOfOrder ? "dearer than the next larger size" : null;
        }

        public boolean isWrong() {
            return !fault.isEmpty();
        }
    }

    static GridView of(String place, CardFields fields, TrialText trial) {
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
        Shades shades = Shades.of(prices);
        List<String> faults = new ArrayList<>();
        List<Row> all = new ArrayList<>();
        for (int r = 0; r < rows.size(); r++) {
            List<Cell> cells = new ArrayList<>();
            for (int c = 0; c < columns.size(); c++) {
                String at = place + "/prices/" + r + "/" + c;
                String fault = fields.error(at);
                if (!fault.isEmpty()) {
                    faults.add(columns.get(c) + " by " + rows.get(r) + ": " + fault);
                }
                cells.add(new Cell(
                        at,
                        fields.text(at),
                        shades.of(prices[r][c]),
                        r == row && c == column,
                        dearer(prices, r, c),
                        fault,
                        "Up to " + columns.get(c) + " by " + rows.get(r)));
            }
            all.add(new Row(edge(place + "/rows/" + r, rows.get(r), r == row, fields, faults), cells));
        }
        return new GridView(
                place,
                IntStream.range(0, columns.size())
                        .mapToObj(c -> edge(place + "/columns/" + c, columns.get(c), c == column, fields, faults))
                        .toList(),
                all,
                faults);
    }

    private static Edge edge(String at, String text, boolean inUse, CardFields fields, List<String> faults) {
        String fault = fields.error(at);
        if (!fault.isEmpty()) {
            faults.add(fault);
        }
        return new Edge(at, text, inUse, !fault.isEmpty());
    }

    /** The first edge that is not smaller than the trial's answer; -1 where there is none. */
    private static int reached(List<String> edges, String name, String unit, CardFields fields, TrialText trial) {
        BigDecimal answer =
                TypedNumbers.read(trial.get(TrialText.ANSWER + name)).value();
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

    /** How dark a price is among all of them. */
    private record Shades(double least, double most) {

        static Shades of(BigDecimal[][] prices) {
            double least = Double.MAX_VALUE;
            double most = 0;
            for (BigDecimal[] row : prices) {
                for (BigDecimal price : row) {
                    if (price != null) {
                        least = Math.min(least, price.doubleValue());
                        most = Math.max(most, price.doubleValue());
                    }
                }
            }
            return new Shades(least, most);
        }

        int of(@Nullable BigDecimal price) {
            if (price == null) {
                return -1;
            }
            return most > least ? (int) Math.round((price.doubleValue() - least) / (most - least) * SHADES) : 0;
        }
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
