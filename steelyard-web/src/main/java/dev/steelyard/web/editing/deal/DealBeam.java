package dev.steelyard.web.editing.deal;

import dev.steelyard.core.deal.Deal;
import dev.steelyard.core.deal.Gives.Counts;
import dev.steelyard.core.deal.Gives.OnLadder;
import dev.steelyard.core.deal.Gives.Row;
import dev.steelyard.core.deal.Gives.Value;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.base.picture.Beam;
import dev.steelyard.web.base.picture.BeamAxis;
import dev.steelyard.web.base.picture.BeamDrawing;
import dev.steelyard.web.base.picture.BeamDrawing.Stretch;
import dev.steelyard.web.selling.shown.DealText;
import dev.steelyard.words.Words;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The thresholds of a deal as weights on a beam: over it what is taken off, from each threshold on. */
final class DealBeam {

    private static final double PERCENT_PER_PIXEL = 0.25;
    private static final double MONEY_PER_PIXEL = 0.05;
    private static final int LOWEST_SHARE = 10;

    private static final int MOST_STEPS = 200;

    private DealBeam() {}

    /**
     * The beam.
     *
     * @param counted what the trial's basket counts; none where it counts nothing
     * @param heldEnd where the axis ends while a weight is held; none for where it fits
     * @return none for a deal without thresholds
     */
    static @Nullable Beam draw(Deal deal, @Nullable BigDecimal counted, @Nullable Double heldEnd, int minorDigits) {
        if (!(deal.gives() instanceof OnLadder ladder) || ladder.rows().isEmpty()) {
            return null;
        }
        List<Row> rows = ladder.rows();
        BeamAxis axis = axis(ladder, counted, heldEnd);
        boolean percent = ladder.value() == Value.PERCENT_OFF;
        BeamDrawing drawing = new BeamDrawing(axis)
                .whole(ladder.counts() != Counts.SPEND)
                .decimals(percent ? 1 : minorDigits)
                .priceDecimals(percent ? 0 : minorDigits)
                .valuePerPixel(percent ? -PERCENT_PER_PIXEL : -MONEY_PER_PIXEL)
                .says("The beam: thresholds as hanging weights, what is taken off above");
        double first = rows.get(0).from().doubleValue();
        boolean price = ladder.value() == Value.PRICE_EACH;
        if (!price && first > axis.start()) {
            drawing.stretch(Stretch.flat(axis.start(), first, 0, false));
        }
        for (int i = 0; i < rows.size(); i++) {
            Row row = rows.get(i);
            double until = i + 1 < rows.size() ? rows.get(i + 1).from().doubleValue() : axis.end();
            double from = Math.max(axis.start(), row.from().doubleValue());
            if (ladder.forEvery()) {
                stair(drawing, ladder, axis);
            } else {
                drawing.stretch(
                        Stretch.flat(from, Math.max(from, until), row.value().doubleValue(), false));
            }
            String label = DealText.reward(ladder.value(), row.value(), minorDigits, Words.owners());
            String at = "/rows/" + i;
            drawing.hang(new Beam.Hung(
                    from,
                    (i + 1.0) / rows.size(),
                    label,
                    false,
                    (ladder.forEvery() ? "for every " : row.over() ? "over " : "from ") + Decimals.plain(row.from(), 0)
                            + ": " + label,
                    "weight-" + at,
                    at + "/from",
                    at + "/value"));
        }
        if (counted != null && counted.doubleValue() >= axis.start() && counted.doubleValue() <= axis.end()) {
            Row reached = ladder.reached(counted);
            String what = ladder.counts() == Counts.SPEND ? Show.money(counted, minorDigits) : Show.money(counted, 0);
            drawing.trial(
                    counted.doubleValue(),
                    reached == null
                            ? price ? rows.get(0).value().doubleValue() : 0
                            : reached.value().doubleValue() * ladder.times(counted),
                    what + " → "
                            + (reached == null
                                    ? "nothing yet"
                                    : DealText.reward(
                                            ladder.value(),
                                            reached.value().multiply(BigDecimal.valueOf(ladder.times(counted))),
                                            minorDigits,
                                            Words.owners())));
        }
        return drawing.draw();
    }

    /** One step for every full threshold, as many as count. */
    private static void stair(BeamDrawing drawing, OnLadder ladder, BeamAxis axis) {
        Row row = ladder.rows().get(0);
        double width = row.from().doubleValue();
        for (int step = 1; step <= MOST_STEPS && step * width < axis.end(); step++) {
            boolean last = step == MOST_STEPS || ladder.atMost() != null && step == ladder.atMost();
            double until = last ? axis.end() : Math.min(axis.end(), (step + 1) * width);
            drawing.stretch(Stretch.flat(
                    Math.max(axis.start(), step * width),
                    until,
                    step * row.value().doubleValue(),
                    false));
            if (last) {
                return;
            }
        }
    }

    private static BeamAxis axis(OnLadder ladder, @Nullable BigDecimal counted, @Nullable Double heldEnd) {
        List<Row> rows = ladder.rows();
        double last = rows.get(rows.size() - 1).from().doubleValue();
        double reach = Math.max(last, counted == null ? 0 : counted.doubleValue() / 2);
        if (ladder.counts() != Counts.SPEND) {
            return heldEnd != null
                    ? BeamAxis.ending((int) Math.round(heldEnd))
                    : BeamAxis.reaching((int) Math.max(1, reach));
        }
        double smallest = rows.stream()
                .mapToDouble(row -> row.from().doubleValue())
                .filter(from -> from > 0)
                .min()
                .orElse(1);
        BeamAxis fitting = BeamAxis.ofAmount(smallest / LOWEST_SHARE, Math.max(1, reach));
        return heldEnd == null ? fitting : new BeamAxis(fitting.start(), heldEnd, true);
    }
}
