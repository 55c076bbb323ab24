package dev.steelyard.web.sold.figures;

import dev.steelyard.core.number.Decimals;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.sold.lines.Sold;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * How many lines had which size, by two measurements, as a coloured table.
 *
 * @param across the label of the measurement of the columns, with its unit
 * @param down the same of the rows
 * @param columns “200 to 299”
 */
record SizeField(String across, String down, List<String> columns, List<Line> lines) {

    private static final int MOST = 9;
    private static final int SHADES = 5;

    /** A row of the table. */
    public record Line(String name, List<Cell> cells) {}

    /** @param shade from 0, for none, to 5 */
    public record Cell(String count, int shade, String says) {}

    /** None where no size is a pair of plain numbers. */
    static Optional<SizeField> of(String across, String down, List<Sold.SizeSold> sizes) {
        List<Point> points = new ArrayList<>();
        for (Sold.SizeSold size : sizes) {
            BigDecimal x = number(size.across());
            BigDecimal y = number(size.down());
            if (x != null && y != null) {
                points.add(new Point(x, y, size.lines()));
            }
        }
        if (points.isEmpty()) {
            return Optional.empty();
        }
        Steps x = Steps.over(points.stream().map(Point::x).toList());
        Steps y = Steps.over(points.stream().map(Point::y).toList());
        long[][] counts = new long[y.count()][x.count()];
        long most = 0;
        for (Point point : points) {
            int row = y.at(point.y());
            int column = x.at(point.x());
            counts[row][column] += point.lines();
            most = Math.max(most, counts[row][column]);
        }
        List<Line> lines = new ArrayList<>();
        for (int row = 0; row < y.count(); row++) {
            List<Cell> cells = new ArrayList<>();
            for (int column = 0; column < x.count(); column++) {
                long count = counts[row][column];
                cells.add(new Cell(
                        count == 0 ? "" : Show.whole(count),
                        count == 0 ? 0 : (int) Math.max(1, (count * SHADES + most - 1) / most),
                        x.name(column) + " by " + y.name(row) + ": " + count));
            }
            lines.add(new Line(y.name(row), cells));
        }
        List<String> columns = new ArrayList<>();
        for (int column = 0; column < x.count(); column++) {
            columns.add(x.name(column));
        }
        return Optional.of(new SizeField(across, down, columns, lines));
    }

    private record Point(BigDecimal x, BigDecimal y, long lines) {}

    private static @Nullable BigDecimal number(String typed) {
        return typed.matches("\\d{1,12}(\\.\\d{1,6})?") ? new BigDecimal(typed) : null;
    }

    /** Round steps over what there is: at most nine. */
    private record Steps(BigDecimal first, BigDecimal step, int count) {

        static Steps over(List<BigDecimal> values) {
            BigDecimal least = values.stream().reduce(BigDecimal::min).orElseThrow();
            BigDecimal most = values.stream().reduce(BigDecimal::max).orElseThrow();
            BigDecimal wanted = most.subtract(least).divide(BigDecimal.valueOf(MOST - 1), 6, RoundingMode.CEILING);
            BigDecimal step = BigDecimal.ONE.movePointLeft(3);
            int[] factors = {2, 5, 10};
            for (int i = 0; step.compareTo(wanted) < 0; i++) {
                step = BigDecimal.ONE
                        .movePointLeft(3 - i / factors.length)
                        .multiply(BigDecimal.valueOf(factors[i % factors.length]));
            }
            BigDecimal first = least.divide(step, 0, RoundingMode.FLOOR).multiply(step);
            int count = most.subtract(first).divide(step, 0, RoundingMode.FLOOR).intValue() + 1;
            return new Steps(first, step, count);
        }

        int at(BigDecimal value) {
            return value.subtract(first).divide(step, 0, RoundingMode.FLOOR).intValue();
        }

        String name(int at) {
            BigDecimal from = first.add(step.multiply(BigDecimal.valueOf(at)));
            return Decimals.plain(from, 0) + " – " + Decimals.plain(from.add(step), 0);
        }
    }
}
