package dev.steelyard.web.sold.figures;

import dev.steelyard.core.number.Decimals;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.sold.lines.SizesSold;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.LongSummaryStatistics;
import java.util.Optional;

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

    /** A thousandth of the unit. */
    private static final long FINEST_STEP = 1_000;

    /** A row of the table. */
    public record Line(String name, List<Cell> cells) {}

    /** @param shade from 0, for none, to 5 */
    public record Cell(String count, int shade, String says) {}

    /** None where no size is a pair of numbers. */
    static Optional<SizeField> of(String across, String down, SizesSold sizes) {
        if (sizes.lines().length == 0) {
            return Optional.empty();
        }
        Steps x = Steps.over(sizes.across());
        Steps y = Steps.over(sizes.down());
        long[][] counts = new long[y.count()][x.count()];
        long most = 0;
        for (int size = 0; size < sizes.lines().length; size++) {
            int row = y.at(sizes.down()[size]);
            int column = x.at(sizes.across()[size]);
            counts[row][column] += sizes.lines()[size];
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

    /** Round steps over what there is, in millionths: at most nine. */
    private record Steps(long first, long step, int count) {

        static Steps over(long[] values) {
            LongSummaryStatistics all = Arrays.stream(values).summaryStatistics();
            long wanted = (all.getMax() - all.getMin() + MOST - 2) / (MOST - 1);
            long ten = FINEST_STEP;
            int[] factors = {1, 2, 5};
            int factor = 0;
            while (ten * factors[factor] < wanted) {
                factor = (factor + 1) % factors.length;
                ten *= factor == 0 ? 10 : 1;
            }
            long step = ten * factors[factor];
            long first = Math.floorDiv(all.getMin(), step) * step;
            return new Steps(first, step, (int) ((all.getMax() - first) / step) + 1);
        }

        int at(long value) {
            return (int) ((value - first) / step);
        }

        String name(int at) {
            BigDecimal from =
                    BigDecimal.valueOf(first).add(BigDecimal.valueOf(step).multiply(BigDecimal.valueOf(at)));
            return shown(from) + " – " + shown(from.add(BigDecimal.valueOf(step)));
        }

        private static String shown(BigDecimal millionths) {
            return Decimals.plain(millionths.movePointLeft(SizesSold.DECIMALS), 0);
        }
    }
}
