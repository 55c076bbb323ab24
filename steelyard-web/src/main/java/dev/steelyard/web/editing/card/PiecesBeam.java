package dev.steelyard.web.editing.card;

import dev.steelyard.core.curve.Curve;
import dev.steelyard.core.curve.Variable;
import dev.steelyard.core.ladder.Ladder;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.base.picture.Beam;
import dev.steelyard.web.base.picture.BeamAxis;
import dev.steelyard.web.base.picture.BeamDrawing;
import dev.steelyard.web.base.picture.BeamDrawing.Point;
import dev.steelyard.web.base.picture.BeamDrawing.Stretch;
import dev.steelyard.web.editing.table.LadderTable;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The beam of a ladder by pieces: the price of a piece over them, or the total for lots. Slice by slice the line is what
 * an order pays on average, and a thin one what the next piece costs.
 */
final class PiecesBeam {

    private static final int POINTS = 16;
    private static final int MOST_NUMBERS = 20;
    private static final double LEAST_RANGE = 1e-9;

    private final LadderPlan plan;
    private final Ladder ladder;
    private final Asked trial;
    private final LadderTable table;

    PiecesBeam(LadderPlan plan) {
        this.plan = plan;
        this.ladder = plan.ladder;
        this.trial = plan.trial;
        this.table = plan.table;
    }

    @Nullable
    Beam draw(@Nullable Double heldEnd) {
        Asked everyone = plan.of(null, trial.quantity());
        Curve curve = plan.curve(everyone, new Variable.Pieces()).orElse(null);
        if (curve == null || curve.runs().isEmpty()) {
            return null;
        }
        int last = (int) Math.min(Quantity.MOST, Math.max(plan.lastThreshold(), trial.quantity() / 2.0));
        BeamAxis axis = heldEnd != null ? BeamAxis.ending((int) heldEnd.doubleValue()) : BeamAxis.reaching(last);
        BeamDrawing drawing = plan.begin(axis).whole(true).rides("t.quantity");
        lines(drawing, curve, axis, false);
        String second = plan.second();
        Curve other = second == null
                ? null
                : plan.curve(plan.of(second, trial.quantity()), new Variable.Pieces())
                        .orElse(null);
        if (other != null) {
            drawing.second(second);
            lines(drawing, other, axis, true);
        }
        hang(drawing, curve, axis);
        zones(drawing, curve, axis);
        numbers(drawing, curve);
        Curve ridden = other != null && Objects.equals(second, trial.group()) ? other : curve;
        BigDecimal at = BigDecimal.valueOf(trial.quantity());
        Optional<Money> unit = ridden.unit(at);
        Optional<Money> total = ridden.total(at);
        if (unit.isPresent() && total.isPresent()) {
            drawing.trial(
                    trial.quantity(),
                    (plan.lots ? total.get() : unit.get()).value().doubleValue(),
                    Show.whole(trial.quantity()) + " → " + LadderPlan.shown(unit.get()) + " each · "
                            + LadderPlan.shown(total.get()));
        }
        return drawing.draw();
    }

    private void lines(BeamDrawing drawing, Curve curve, BeamAxis axis, boolean ofSecond) {
        boolean slices = ladder.mode() == Ladder.Mode.SLICE;
        List<Stretch> thin = new ArrayList<>();
        for (Curve.Run run : curve.runs()) {
            double from = run.from().doubleValue();
            if (from > axis.end()) {
                break;
            }
            double until = Math.min(
                    axis.end(),
                    run.until().doubleValue() + plan.card.card().quantity().step());
            drawing.stretch(
                    new Stretch(points(curve, from, until, run.until().doubleValue() >= axis.end()), ofSecond, false));
            if (slices && !ofSecond) {
                BigDecimal first = run.from();
                Optional<Money> here = curve.total(first);
                Optional<Money> next = curve.total(first.add(BigDecimal.ONE));
                if (here.isPresent() && next.isPresent()) {
                    double each =
                            next.get().value().subtract(here.get().value()).doubleValue();
                    thin.add(new Stretch(List.of(new Point(from, each), new Point(until, each)), false, true));
                }
            }
        }
        thin.forEach(drawing::stretch);
    }

    /** @param open whether it goes on beyond the axis */
    private List<Point> points(Curve curve, double from, double until, boolean open) {
        List<Point> points = new ArrayList<>();
        double last = open ? until : Math.max(from, until - 1);
        for (int i = 0; i <= POINTS; i++) {
            double x = ordered(Math.floor(from * Math.pow(Math.max(last, from) / from, i / (double) POINTS)));
            value(curve, x).ifPresent(price -> points.add(new Point(x, price)));
        }
        if (points.isEmpty()) {
            return List.of(new Point(from, 0));
        }
        if (!open) {
            points.add(new Point(until, points.get(points.size() - 1).price()));
        }
        return points;
    }

    /** The nearest that can be ordered, from so many pieces on; the same where there is none. */
    private double ordered(double pieces) {
        return plan.card.card().quantity().from((long) pieces).stream()
                .mapToDouble(one -> one)
                .findFirst()
                .orElse(pieces);
    }

    private Optional<Double> value(Curve curve, double pieces) {
        BigDecimal x = BigDecimal.valueOf((long) pieces);
        return (plan.lots ? curve.total(x) : curve.unit(x))
                .map(money -> money.value().doubleValue());
    }

    private void hang(BeamDrawing drawing, Curve curve, BeamAxis axis) {
        double dearest = curve.unit(curve.runs().get(0).from())
                .map(money -> money.value().doubleValue())
                .orElse(1.0);
        double cheapest = dearest;
        for (Curve.Run run : curve.runs()) {
            cheapest = Math.min(
                    cheapest,
                    curve.unit(run.from())
                            .map(money -> money.value().doubleValue())
                            .orElse(cheapest));
        }
        double range = Math.max(dearest - cheapest, LEAST_RANGE);
        for (LadderTable.Row row : table.rows()) {
            for (LadderTable.Cell cell : row.cells()) {
                BigDecimal from = LadderPlan.from(row);
                boolean shown = cell.group().isEmpty() || cell.group().equals(plan.second());
                if (from == null || cell.place().isEmpty() || !shown || from.doubleValue() > axis.end()) {
                    continue;
                }
                double unit = curve.unit(BigDecimal.valueOf((long)
                                ordered(from.setScale(0, RoundingMode.CEILING).doubleValue())))
                        .map(money -> money.value().doubleValue())
                        .orElse(cheapest);
                plan.hang(drawing, row, cell, from, (dearest - unit) / range);
            }
        }
    }

    /** The same numbers for a table: what the first and the last order of each stretch cost. */
    private static void numbers(BeamDrawing drawing, Curve curve) {
        for (Curve.Run run : curve.runs().stream().limit(MOST_NUMBERS).toList()) {
            for (BigDecimal at : run.until().compareTo(BigDecimal.valueOf(Quantity.MOST)) < 0
                            && run.until().compareTo(run.from()) > 0
                    ? List.of(run.from(), run.until())
                    : List.of(run.from())) {
                Optional<Money> unit = curve.unit(at);
                Optional<Money> total = curve.total(at);
                if (unit.isPresent() && total.isPresent()) {
                    drawing.number(at.toPlainString(), LadderPlan.shown(unit.get()), LadderPlan.shown(total.get()));
                }
            }
        }
    }

    /** Where a smaller order costs more than a larger one, among those that can be ordered. */
    private void zones(BeamDrawing drawing, Curve curve, BeamAxis axis) {
        long step = plan.card.card().quantity().step();
        for (int i = 1; i < curve.runs().size(); i++) {
            BigDecimal threshold = curve.runs().get(i).from();
            BigDecimal total = curve.total(threshold).map(Money::value).orElse(null);
            long first = curve.runs().get(i - 1).from().longValue();
            long last = curve.runs().get(i - 1).until().longValue();
            if (total == null || threshold.doubleValue() > axis.end() || !dearer(curve, last, total)) {
                continue;
            }
            long low = 0;
            long high = (last - first) / step;
            while (low < high) {
                long middle = (low + high) >>> 1;
                if (dearer(curve, first + middle * step, total)) {
                    high = middle;
                } else {
                    low = middle + 1;
                }
            }
            long dearest = first + low * step;
            drawing.zone(
                    dearest,
                    last + 1.0,
                    "From " + dearest + " pieces an order costs more than " + threshold + " pieces");
        }
    }

    private static boolean dearer(Curve curve, long pieces, BigDecimal than) {
        return curve.total(BigDecimal.valueOf(pieces))
                .map(total -> total.value().compareTo(than) > 0)
                .orElse(false);
    }
}
