package dev.steelyard.web.base.picture;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A price over one measurement: lines between the points where it jumps, the trial on them. All places in pixels.
 *
 * @param lines each as the points of a polyline
 * @param beside the same of another card to be compared with; empty for none
 * @param sampled whether some of it is drawn through sampled points only
 * @param rows the same numbers, for a table
 */
public record CurvePicture(
        String name,
        String unit,
        List<String> lines,
        List<String> beside,
        List<Level> levels,
        List<Level> marks,
        @Nullable Trial trial,
        boolean sampled,
        List<Row> rows) {

    public static final int WIDTH = 680;
    public static final int HEIGHT = 220;
    private static final int LEFT = 74;
    private static final int RIGHT = 660;
    private static final int TOP = 26;
    private static final int BOTTOM = 180;
    private static final int MARKS = 6;

    /** A round number on an axis. */
    public record Level(double at, String label) {}

    /** The trial: where it is, and in words. */
    public record Trial(double x, double y, String anchor, String says) {}

    /** A line of the table. */
    public record Row(String at, String price) {}

    /** A point of the curve. */
    public record Point(double x, double price) {}

    /**
     * Draws it.
     *
     * @param stretches of points, each without a jump
     * @param other the same of another card, drawn over the same axes
     * @param on the trial; none where it has no price
     */
    public static CurvePicture draw(
            String name,
            String unit,
            List<List<Point>> stretches,
            List<List<Point>> other,
            @Nullable Point on,
            String says,
            boolean sampled,
            List<Row> rows) {
        List<Point> all = Stream.concat(stretches.stream(), other.stream())
                .flatMap(List::stream)
                .toList();
        double from = all.stream().mapToDouble(Point::x).min().orElse(0);
        double until = all.stream().mapToDouble(Point::x).max().orElse(1);
        double width = until > from ? until - from : 1;
        PriceAxis prices = PriceAxis.over(
                all.stream().map(point -> BigDecimal.valueOf(point.price())).toList());
        return new CurvePicture(
                name,
                unit,
                lines(stretches, from, width, prices),
                lines(other, from, width, prices),
                prices.lines().stream()
                        .map(price -> new Level(y(price.doubleValue(), prices), price.toPlainString()))
                        .toList(),
                marks(from, until),
                on == null
                        ? null
                        : new Trial(
                                x(on.x(), from, width),
                                y(on.price(), prices),
                                on.x() > from + width * 2 / 3 ? "end" : "start",
                                says),
                sampled,
                rows);
    }

    private static List<String> lines(List<List<Point>> stretches, double from, double width, PriceAxis prices) {
        return stretches.stream()
                .map(stretch -> stretch.stream()
                        .map(point -> String.format(
                                Locale.ROOT, "%.1f,%.1f", x(point.x(), from, width), y(point.price(), prices)))
                        .collect(Collectors.joining(" ")))
                .toList();
    }

    private static double x(double value, double from, double width) {
        return Pixels.tenth(LEFT + Math.max(0, Math.min(1, (value - from) / width)) * (RIGHT - LEFT));
    }

    private static double y(double price, PriceAxis prices) {
        double share = (price - prices.low()) / (prices.high() - prices.low());
        return Pixels.tenth(BOTTOM - share * (BOTTOM - TOP));
    }

    private static List<Level> marks(double from, double until) {
        double width = until > from ? until - from : 1;
        double step = Math.pow(10, Math.floor(Math.log10(width / MARKS)));
        for (double factor : new double[] {2, 5, 10}) {
            step = width / step > MARKS * 1.4 ? step / (factor == 2 ? 1 : factor == 5 ? 2 : 5) * factor : step;
        }
        List<Level> marks = new ArrayList<>();
        for (double value = Math.ceil(from / step) * step; value <= until + step / 1e6; value += step) {
            String label = BigDecimal.valueOf(Math.round(value * 1e4))
                    .movePointLeft(4)
                    .stripTrailingZeros()
                    .toPlainString();
            marks.add(new Level(x(value, from, width), label));
        }
        return marks;
    }
}
