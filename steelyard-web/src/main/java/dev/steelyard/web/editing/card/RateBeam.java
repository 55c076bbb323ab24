package dev.steelyard.web.editing.card;

import dev.steelyard.core.number.DecimalText;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.base.picture.Beam;
import dev.steelyard.web.base.picture.BeamAxis;
import dev.steelyard.web.base.picture.BeamDrawing;
import dev.steelyard.web.base.picture.BeamDrawing.Point;
import dev.steelyard.web.base.picture.BeamDrawing.Stretch;
import dev.steelyard.web.editing.table.LadderTable;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The beam of a rate's own breaks: the rate over the billable amount of one piece. Slice by slice the rate is drawn thin,
 * and over it what a unit costs on average.
 */
final class RateBeam {

    private static final int POINTS = 48;

    private record Step(double from, double rate, LadderTable.@Nullable Row row) {}

    private RateBeam() {}

    /**
     * @param rate the place of the rate
     * @param amount the trial's billable amount in the rate's unit; none where it has no price
     * @return none where a number cannot be read
     */
    static @Nullable Beam of(
            String rate, CardFields fields, LadderTable table, @Nullable Double amount, @Nullable Double heldEnd) {
        BigDecimal base = DecimalText.read(fields.text(rate + "/price")).value();
        if (base == null) {
            return null;
        }
        List<Step> steps = new ArrayList<>(List.of(new Step(0, base.doubleValue(), null)));
        for (LadderTable.Row row : table.rows()) {
            BigDecimal from = DecimalText.read(row.from()).value();
            BigDecimal value = DecimalText.read(row.everyone().text()).value();
            if (from == null || value == null) {
                return null;
            }
            steps.add(new Step(from.doubleValue(), value.doubleValue(), row));
        }
        steps.sort(Comparator.comparingDouble(Step::from));
        double last = steps.get(steps.size() - 1).from();
        double first = steps.size() > 1 ? steps.get(1).from() : 1;
        BeamAxis fitting = BeamAxis.ofAmount(first / 10, Math.max(last, amount == null ? 0 : amount / 2));
        BeamAxis axis = heldEnd == null ? fitting : new BeamAxis(fitting.start(), heldEnd, true);
        boolean slices = fields.text(rate + "/breaks/mode").equals("slice");
        String unit = fields.symbol(fields.text(rate + "/unit"));
        BeamDrawing drawing = new BeamDrawing(axis)
                .whole(false)
                .says("The beam: breaks of the rate as hanging weights, the price per " + unit + " above");
        double highest = steps.stream().mapToDouble(Step::rate).max().orElse(1);
        double lowest = steps.stream().mapToDouble(Step::rate).min().orElse(0);
        for (int i = 0; i < steps.size(); i++) {
            Step step = steps.get(i);
            double until = i + 1 < steps.size() ? steps.get(i + 1).from() : axis.end();
            double from = Math.max(axis.start(), step.from());
            drawing.stretch(
                    new Stretch(List.of(new Point(from, step.rate()), new Point(until, step.rate())), false, slices));
            LadderTable.Row row = step.row();
            if (row != null) {
                drawing.hang(new Beam.Hung(
                        step.from(),
                        highest > lowest ? (highest - step.rate()) / (highest - lowest) : 0,
                        row.everyone().text(),
                        false,
                        "from " + row.from() + " " + unit + ": "
                                + row.everyone().text() + " per " + unit,
                        "weight-" + row.everyone().place(),
                        row.place() + "/from",
                        row.everyone().field()));
            }
        }
        if (slices) {
            List<Point> points = new ArrayList<>();
            for (int i = 0; i <= POINTS; i++) {
                double x = axis.value(i / (double) POINTS);
                points.add(new Point(x, average(steps, x)));
            }
            drawing.stretch(new Stretch(points, false, false));
        }
        if (amount != null && amount > 0) {
            double each = slices ? average(steps, amount) : at(steps, amount);
            String shown =
                    Show.money(BigDecimal.valueOf(Math.round(amount * 1e4)).movePointLeft(4), 0);
            drawing.trial(amount, each, shown + " " + unit);
        }
        return drawing.draw();
    }

    private static double at(List<Step> steps, double amount) {
        double rate = steps.get(0).rate();
        for (Step step : steps) {
            rate = amount >= step.from() ? step.rate() : rate;
        }
        return rate;
    }

    private static double average(List<Step> steps, double amount) {
        double sum = 0;
        for (int i = 0; i < steps.size(); i++) {
            double until =
                    i + 1 < steps.size() ? Math.min(amount, steps.get(i + 1).from()) : amount;
            sum += Math.max(0, until - steps.get(i).from()) * steps.get(i).rate();
        }
        return sum / amount;
    }
}
