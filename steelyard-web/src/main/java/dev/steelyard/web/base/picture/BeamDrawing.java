package dev.steelyard.web.base.picture;

import dev.steelyard.core.number.Decimals;
import dev.steelyard.web.base.picture.Beam.Hung;
import dev.steelyard.web.base.picture.Beam.Level;
import dev.steelyard.web.base.picture.Beam.Rider;
import dev.steelyard.web.base.picture.Beam.Run;
import dev.steelyard.web.base.picture.Beam.Weight;
import dev.steelyard.web.base.picture.Beam.Zone;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Draws a beam from stretches of prices, the breaks that hang on it, and a trial. Collects first, then draws. */
public final class BeamDrawing {

    private static final int WIDTH = 680;
    private static final int MOST_WEIGHTS = 24;
    private static final double LETTER = 6.6;
    private static final int AIR = 8;

    private final BeamAxis axis;
    private final List<Stretch> stretches = new ArrayList<>();
    private final List<Hung> hung = new ArrayList<>();
    private final List<Gap> gaps = new ArrayList<>();
    private final List<Beam.Row> numbers = new ArrayList<>();
    private @Nullable Trial trial;
    private @Nullable String second;
    private int decimals = 2;
    private int priceDecimals = 2;
    private boolean whole = true;
    private @Nullable Double valuePerPixel;
    private String says = "";
    private String riderField = "";

    public BeamDrawing(BeamAxis axis) {
        this.axis = axis;
    }

    /**
     * A stretch of prices, as a line through points.
     *
     * @param ofSecond whether it is a second group's
     * @param thin whether it is drawn thin, beside the main line
     */
    public record Stretch(List<Point> points, boolean ofSecond, boolean thin) {

        /** A stretch of one price. */
        public static Stretch flat(double from, double until, double price, boolean ofSecond) {
            return new Stretch(List.of(new Point(from, price), new Point(until, price)), ofSecond, false);
        }
    }

    /** A value of what is counted, and a price. */
    public record Point(double x, double price) {}

    private record Gap(double from, double until, String says) {}

    private record Trial(double x, double price, String says) {}

    public BeamDrawing stretch(Stretch stretch) {
        stretches.add(stretch);
        return this;
    }

    public BeamDrawing hang(Hung one) {
        hung.add(one);
        return this;
    }

    /** A stretch in which a smaller order costs more than a larger one. */
    public BeamDrawing zone(double from, double until, String words) {
        gaps.add(new Gap(from, until, words));
        return this;
    }

    /** A line of the table of the same numbers. */
    public BeamDrawing number(String at, String each, String total) {
        numbers.add(new Beam.Row(at, each, total));
        return this;
    }

    /** The trial: where it is, what it costs there, and in words. */
    public BeamDrawing trial(double x, double price, String words) {
        trial = new Trial(x, price, words);
        return this;
    }

    /** The id of the field that the rider moves. */
    public BeamDrawing rides(String field) {
        riderField = field;
        return this;
    }

    /** The second group’s name. */
    public BeamDrawing second(@Nullable String group) {
        second = group;
        return this;
    }

    /** Decimals of values dragged, and of prices where nothing else is said. */
    public BeamDrawing decimals(int count) {
        decimals = count;
        priceDecimals = Math.min(2, count);
        return this;
    }

    /** Decimals of the prices above. */
    public BeamDrawing priceDecimals(int count) {
        priceDecimals = count;
        return this;
    }

    /** Whether only whole numbers are counted. */
    public BeamDrawing whole(boolean only) {
        whole = only;
        return this;
    }

    /** How much a dragged value changes with a pixel up; where nothing is said, as the prices drawn. */
    public BeamDrawing valuePerPixel(double change) {
        valuePerPixel = change;
        return this;
    }

    /** What the picture is, for those who cannot see it. */
    public BeamDrawing says(String words) {
        says = words;
        return this;
    }

    public Beam draw() {
        PriceAxis prices = PriceAxis.over(Stream.concat(
                        stretches.stream().flatMapToDouble(BeamDrawing::prices).boxed(),
                        trial == null ? Stream.empty() : Stream.of(trial.price()))
                .map(BigDecimal::valueOf)
                .toList());
        BeamWeights weights = new BeamWeights();
        hung.stream()
                .filter(one -> one.from() <= axis.end())
                .limit(MOST_WEIGHTS) // more could not be told apart; the table has them all
                .forEach(one -> weights.hang(axis.at(one.from()), one));
        List<Weight> all = weights.all();
        double lowest = all.stream().mapToDouble(Weight::y).max().orElse(BeamWeights.HIGHEST);
        double perPixel = valuePerPixel == null ? prices.perPixel() : valuePerPixel;
        return new Beam(
                WIDTH,
                (int) lowest + BeamWeights.BELOW,
                axis.logarithmic(),
                axis.start(),
                axis.end(),
                whole,
                BigDecimal.valueOf(Math.abs(perPixel)).toPlainString(),
                perPixel >= 0,
                decimals,
                says,
                axis.notches(),
                prices.lines().stream()
                        .map(price -> new Level(
                                prices.at(price),
                                price.setScale(Math.max(price.scale(), priceDecimals))
                                        .toPlainString()))
                        .toList(),
                runs(prices),
                gaps.stream()
                        .filter(gap -> gap.from() <= axis.end())
                        .map(this::zone)
                        .toList(),
                all,
                trial == null ? null : rider(prices),
                riderField,
                second,
                List.copyOf(numbers));
    }

    private static DoubleStream prices(Stretch stretch) {
        return stretch.points().stream().mapToDouble(Point::price);
    }

    private List<Run> runs(PriceAxis prices) {
        List<Run> runs = new ArrayList<>();
        Double before = null;
        Stretch last = null;
        for (Stretch stretch : stretches) {
            boolean goesOn = last != null && last.ofSecond() == stretch.ofSecond() && last.thin() == stretch.thin();
            Point first = stretch.points().get(0);
            if (first.x() <= axis.end()) {
                StringBuilder points = new StringBuilder();
                double x = axis.at(first.x());
                for (Point point : stretch.points()) {
                    x = axis.at(point.x());
                    points.append(String.format(Locale.ROOT, "%.1f,%.1f ", x, prices.at(point.price())));
                }
                double y = prices.at(first.price());
                runs.add(new Run(
                        axis.at(first.x()),
                        x,
                        y,
                        points.toString().strip(),
                        stretch.ofSecond(),
                        stretch.thin(),
                        goesOn ? before : null));
            }
            before = prices.at(stretch.points().get(stretch.points().size() - 1).price());
            last = stretch;
        }
        // the second group’s first, so that everyone’s line lies on it
        runs.sort((one, other) -> Boolean.compare(other.ofSecond(), one.ofSecond()));
        return runs;
    }

    private Zone zone(Gap gap) {
        double x = axis.at(gap.from());
        return new Zone(x, Math.max(4, axis.at(gap.until()) - x), gap.says());
    }

    private @Nullable Rider rider(PriceAxis prices) {
        Trial on = trial;
        if (on == null) {
            return null;
        }
        double x = axis.at(on.x());
        double half = on.says().length() * LETTER / 2 + AIR;
        // without signs between thousands, as a slider’s value has to be
        String number = Decimals.plain(BigDecimal.valueOf(on.x()), 0);
        return new Rider(
                x, prices.at(on.price()), Math.max(half + 2, Math.min(WIDTH - half - 2, x)), number, on.says());
    }
}
