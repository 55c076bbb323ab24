package dev.steelyard.web.base.picture;

import dev.steelyard.web.base.picture.BeamAxis.Notch;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;

/**
 * How many stood where, as bars on the scale of a beam, hung under it. All places in pixels of the picture.
 *
 * @param says what the picture is, for those who cannot see it
 * @param most what the highest bar stands for
 */
public record Bars(
        int width, int height, List<Bar> bars, List<Mark> marks, List<Notch> notches, String says, long most) {

    private static final int WIDTH = 680;
    private static final int BASE = 62;
    private static final int HEIGHT = 80;
    private static final int HIGHEST = 50;
    private static final int BUCKET = 7;
    private static final double LEAST = 1.5;

    /** @param near whether it stands within reach below a mark */
    public record Bar(double x, double y, double width, double height, boolean near, String says) {}

    /** A threshold, over the bars. */
    public record Mark(double x, String label) {}

    /**
     * How many stood at a value.
     *
     * @param near whether within reach below a mark
     */
    public record At(double value, long count, boolean near) {}

    /** A threshold with its label. */
    public record Threshold(double value, String label) {}

    /**
     * Draws what is on the axis.
     *
     * @param one what one of them is called, “order”
     */
    public static Bars of(BeamAxis axis, List<At> all, List<Threshold> thresholds, String one, String says) {
        Map<Integer, List<At>> buckets = new TreeMap<>();
        all.stream().filter(at -> at.value() <= axis.end()).forEach(at -> buckets.computeIfAbsent(
                        (int) ((axis.at(at.value()) - BeamAxis.LEFT + BUCKET / 2.0) / BUCKET), any -> new ArrayList<>())
                .add(at));
        long most = buckets.values().stream().mapToLong(Bars::count).max().orElse(0);
        List<Bar> bars = new ArrayList<>();
        buckets.forEach((bucket, some) -> {
            double height = Pixels.tenth(Math.max(LEAST, (double) HIGHEST * count(some) / most));
            double first = some.stream().mapToDouble(At::value).min().orElseThrow();
            double last = some.stream().mapToDouble(At::value).max().orElseThrow();
            bars.add(new Bar(
                    Pixels.tenth(BeamAxis.LEFT + (bucket - 0.5) * BUCKET + 0.5),
                    BASE - height,
                    BUCKET - 1,
                    height,
                    some.stream().anyMatch(At::near),
                    plain(first) + (first == last ? "" : " to " + plain(last)) + ": " + count(some) + " " + one
                            + (count(some) == 1 ? "" : "s")));
        });
        return new Bars(
                WIDTH,
                HEIGHT,
                bars,
                thresholds.stream()
                        .filter(mark -> mark.value() > axis.start() && mark.value() <= axis.end())
                        .map(mark -> new Mark(axis.at(mark.value()), mark.label()))
                        .toList(),
                axis.notches(),
                says,
                most);
    }

    private static long count(List<At> some) {
        return some.stream().mapToLong(At::count).sum();
    }

    private static String plain(double value) {
        return new BigDecimal(String.format(Locale.ROOT, "%.2f", value))
                .stripTrailingZeros()
                .toPlainString();
    }
}
