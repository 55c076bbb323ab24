package dev.steelyard.web.editing.trial;

import dev.steelyard.core.curve.CardCurves;
import dev.steelyard.core.curve.Curve;
import dev.steelyard.core.curve.Variable;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.core.reckoning.Refused;
import dev.steelyard.web.base.picture.CurvePicture.Point;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What a piece costs along one variable, from the core's curve, as points to draw: a list for each run without a jump. */
public record CurveStretches(Curve curve, List<List<Point>> stretches) {

    private static final int FEW_RUNS = 12;
    private static final int POINTS = 24;

    /** None where the card has no such variable, or the trial no price. */
    public static Optional<CurveStretches> along(Variable variable, PreparedCard card, Asked trial, ShopRules rules) {
        try {
            return new CardCurves(card, trial, rules)
                    .along(variable)
                    .map(curve -> of(curve, variable instanceof Variable.Pieces ? null : trial.quantity()))
                    .filter(drawn -> !drawn.stretches().isEmpty());
        } catch (Refused noPrice) {
            return Optional.empty(); // the trial says why
        }
    }

    private static CurveStretches of(Curve curve, @Nullable Long pieces) {
        List<List<Point>> stretches = new ArrayList<>();
        int points = curve.runs().size() > FEW_RUNS ? 1 : POINTS;
        for (Curve.Run run : curve.runs()) {
            List<Point> stretch = run.form() == null ? sampled(run) : exact(curve, run, points, pieces);
            if (!stretch.isEmpty()) {
                stretches.add(stretch);
            }
        }
        return new CurveStretches(curve, stretches);
    }

    private static List<Point> exact(Curve curve, Curve.Run run, int points, @Nullable Long pieces) {
        List<Point> stretch = new ArrayList<>();
        BigDecimal width = run.until().subtract(run.from());
        for (int i = 0; i <= points; i++) {
            BigDecimal x = run.from()
                    .add(width.multiply(BigDecimal.valueOf(i)).divide(BigDecimal.valueOf(points), Decimals.EXACT));
            double count = pieces == null ? x.doubleValue() : pieces;
            curve.totalOn(run, x)
                    .filter(total -> count > 0)
                    .ifPresent(total ->
                            stretch.add(new Point(x.doubleValue(), total.value().doubleValue() / count)));
        }
        return stretch;
    }

    private static List<Point> sampled(Curve.Run run) {
        return run.samples().stream()
                .map(sample -> new Point(
                        sample.x().doubleValue(), sample.unit().value().doubleValue()))
                .toList();
    }

    /** The part up to a value; what lies above is left out. */
    public CurveStretches upTo(double most) {
        List<List<Point>> near = new ArrayList<>();
        for (List<Point> stretch : stretches) {
            List<Point> part =
                    stretch.stream().filter(point -> point.x() <= most).toList();
            if (part.size() == 1 && stretch.size() > 1) {
                part = List.of(part.get(0), new Point(most, part.get(0).price()));
            }
            if (!part.isEmpty()) {
                near.add(part);
            }
        }
        return new CurveStretches(curve, near);
    }
}
