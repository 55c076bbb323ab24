package dev.steelyard.web.prices;

import dev.steelyard.core.curve.Cliff;
import dev.steelyard.core.curve.PieceCurve;
import dev.steelyard.core.curve.PieceCurve.Stretch;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.core.number.Rounding;
import dev.steelyard.web.page.Show;
import dev.steelyard.web.prices.Beam.Level;
import dev.steelyard.web.prices.Beam.Rider;
import dev.steelyard.web.prices.Beam.Run;
import dev.steelyard.web.prices.Beam.Weight;
import dev.steelyard.web.prices.Beam.Zone;
import dev.steelyard.web.prices.PriceReader.Cell;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Draws a beam from exact curves: everyone's, and that of a second group where it has breaks of its own. */
final class BeamDrawing {

    private static final int WIDTH = 680;
    private static final int LABEL_HALF = 74;
    private static final int MOST_WEIGHTS = 24;

    private final PieceCurve everyone;
    private final @Nullable PieceCurve second;
    private final @Nullable String secondName;
    private final ReadPrices read;
    private final int decimals;
    private final int minorDigits;
    private final BeamAxis pieces;
    private final PriceAxis prices;

    BeamDrawing(
            PieceCurve everyone,
            @Nullable PieceCurve second,
            @Nullable String secondName,
            ReadPrices read,
            Rounding rounding,
            @Nullable Integer axisEnd,
            @Nullable Integer trial) {
        this.everyone = everyone;
        this.second = second;
        this.secondName = secondName;
        this.read = read;
        this.decimals = rounding.unitPriceDecimals();
        this.minorDigits = rounding.minorDigits();
        this.pieces = axisEnd != null && axisEnd > 0
                ? BeamAxis.ending(axisEnd)
                : BeamAxis.reaching(Math.max(lastThreshold(), trial == null ? 1 : trial / 2));
        this.prices = PriceAxis.over(
                stretches().map(stretch -> stretch.perPiece().value()).toList());
    }

    Beam draw(@Nullable Integer trialQuantity, @Nullable String trialGroup) {
        List<Weight> weights = weights();
        double lowest = weights.stream().mapToDouble(Weight::y).max().orElse(BeamWeights.HIGHEST);
        return new Beam(
                WIDTH,
                (int) lowest + BeamWeights.BELOW,
                pieces.logarithmic(),
                pieces.end(),
                BigDecimal.valueOf(prices.perPixel()).toPlainString(),
                decimals,
                pieces.notches(),
                prices.lines().stream()
                        .map(price -> new Level(prices.at(price), Show.money(price, Math.min(2, decimals))))
                        .toList(),
                Stream.concat(runs(second, true), runs(everyone, false)).toList(),
                Cliff.of(everyone).stream().map(this::zone).toList(),
                weights,
                trialQuantity == null ? null : rider(trialQuantity, trialGroup),
                secondName);
    }

    private Stream<Stretch> stretches() {
        return second == null
                ? everyone.stretches().stream()
                : Stream.concat(everyone.stretches().stream(), second.stretches().stream());
    }

    private int lastThreshold() {
        return stretches().mapToInt(Stretch::from).max().orElse(1);
    }

    private Stream<Run> runs(@Nullable PieceCurve curve, boolean ofSecond) {
        if (curve == null) {
            return Stream.empty();
        }
        List<Run> runs = new ArrayList<>();
        Double before = null;
        for (Stretch stretch : curve.stretches()) {
            double y = prices.at(stretch.perPiece().value());
            if (stretch.from() <= pieces.end()) {
                double x2 = stretch.last() >= pieces.end() ? BeamAxis.RIGHT : pieces.at(stretch.until());
                runs.add(new Run(pieces.at(stretch.from()), x2, y, ofSecond, before));
            }
            before = y;
        }
        return runs.stream();
    }

    private Zone zone(Cliff cliff) {
        double x = pieces.at(cliff.first());
        return new Zone(
                x,
                Math.max(4, pieces.at(cliff.threshold()) - x),
                "From " + cliff.first() + " pieces an order costs more than " + cliff.threshold() + " pieces");
    }

    private List<Weight> weights() {
        BeamWeights hanging = new BeamWeights(everyone.stretches());
        Stream.concat(
                        everyone.stretches().stream().filter(stretch -> stretch.by() != null),
                        second == null
                                ? Stream.empty()
                                : second.stretches().stream().filter(this::ofSecondGroup))
                .filter(stretch -> stretch.from() <= Math.min(pieces.end(), Quantity.MOST))
                .limit(MOST_WEIGHTS) // more could not be told apart; the table has them all
                .forEach(stretch -> hang(hanging, stretch));
        return hanging.all();
    }

    private boolean ofSecondGroup(Stretch stretch) {
        return stretch.by() != null && Objects.equals(stretch.by().group(), secondName);
    }

    private void hang(BeamWeights hanging, Stretch stretch) {
        Break by = Objects.requireNonNull(stretch.by());
        Cell cell = read.cell(by.key());
        if (cell != null) {
            String price = Show.money(stretch.perPiece().value(), decimals);
            hanging.hang(pieces.at(stretch.from()), cell, by, stretch.perPiece(), price);
        }
    }

    private Rider rider(int quantity, @Nullable String group) {
        PieceCurve curve = second != null && Objects.equals(group, secondName) ? second : everyone;
        double x = pieces.at(quantity);
        String says = Show.whole(quantity) + " → "
                + Show.money(curve.perPiece(quantity).value(), decimals) + " each · "
                + Show.money(curve.total(quantity).value(), minorDigits);
        return new Rider(
                x,
                prices.at(curve.perPiece(quantity).value()),
                Math.max(LABEL_HALF + 2, Math.min(WIDTH - LABEL_HALF - 2, x)),
                quantity,
                says);
    }
}
