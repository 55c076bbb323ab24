package dev.steelyard.web.editing.card;

import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.curve.Curve;
import dev.steelyard.core.curve.Variable;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Ladder;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.prepared.Piece;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.TrialLine;
import dev.steelyard.core.unit.Unit;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.base.picture.Beam;
import dev.steelyard.web.base.picture.BeamAxis;
import dev.steelyard.web.base.picture.BeamDrawing;
import dev.steelyard.web.base.picture.BeamDrawing.Point;
import dev.steelyard.web.base.picture.BeamDrawing.Stretch;
import dev.steelyard.web.editing.table.LadderTable;
import dev.steelyard.web.editing.trial.Subject;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** The beam of a ladder by amount: the price of a unit over the amount of an order of one piece. */
final class AmountBeam {

    private static final int POINTS = 48;

    private final LadderPlan plan;
    private final PreparedCard card;
    private final Ladder ladder;
    private final Subject subject;
    private final Asked trial;
    private final LadderTable table;

    AmountBeam(LadderPlan plan) {
        this.plan = plan;
        this.card = plan.card;
        this.ladder = plan.ladder;
        this.subject = plan.subject;
        this.trial = plan.trial;
        this.table = plan.table;
    }

    @Nullable
    Beam draw(@Nullable Double heldEnd) {
        Unit unit = Objects.requireNonNull(ladder.unit());
        Piece piece = TrialLine.of(card, trial, subject.shop().rules()).piece();
        BigDecimal one = piece.billable();
        Unit inUnit = piece.unit();
        if (one == null || one.signum() == 0 || inUnit == null) {
            return null;
        }
        PiecePrice way = card.card().cases().all().get(piece.caseIndex()).piece();
        Variable along = way instanceof PiecePrice.Packs packs && packs.own() != null
                ? new Variable.Measured(packs.own().by())
                : new Variable.Amount();
        Curve curve = plan.curve(plan.of(null, 1), along).orElse(null);
        if (curve == null || curve.runs().isEmpty()) {
            return null;
        }
        double ordered = unit.fromBase(one).doubleValue() * trial.quantity();
        double last = Math.max(plan.lastThreshold(), ordered / 2);
        BeamAxis axis = heldEnd != null
                ? new BeamAxis(BeamAxis.ofAmount(smallest(), last).start(), heldEnd, true)
                : BeamAxis.ofAmount(smallest(), last);
        BeamDrawing drawing = plan.begin(axis).whole(false);
        double factor = inUnit.factor().doubleValue() / unit.factor().doubleValue();
        List<Point> points = new ArrayList<>();
        for (int i = 0; i <= POINTS; i++) {
            double x = axis.value(i / ((double) POINTS));
            curve.total(BigDecimal.valueOf(x / factor).setScale(6, RoundingMode.HALF_UP))
                    .ifPresent(total -> points.add(new Point(x, total.value().doubleValue() / x)));
        }
        for (Break row : ladder.rows()) {
            BigDecimal x = inUnit.fromBase(unit.toBase(row.from()));
            curve.total(x)
                    .ifPresent(total -> drawing.number(
                            row.from().toPlainString() + " " + unit.symbol(),
                            Show.money(total.value().divide(row.from(), 4, RoundingMode.HALF_UP), 2),
                            LadderPlan.shown(total)));
        }
        if (points.isEmpty()) {
            return null;
        }
        drawing.stretch(new Stretch(points, false, false));
        hangAmounts(drawing);
        Money total = TrialLine.of(card, trial, subject.shop().rules()).total();
        drawing.trial(
                ordered,
                total.value().doubleValue() / ordered,
                Show.money(unit.fromBase(one).multiply(BigDecimal.valueOf(trial.quantity())), 0) + " " + unit.symbol()
                        + " → " + LadderPlan.shown(total));
        return drawing.draw();
    }

    private double smallest() {
        return ladder.rows().stream()
                        .mapToDouble(row -> row.from().doubleValue())
                        .filter(from -> from > 0)
                        .min()
                        .orElse(1)
                / 10;
    }

    private void hangAmounts(BeamDrawing drawing) {
        int index = 0;
        for (LadderTable.Row row : table.rows()) {
            index++;
            for (LadderTable.Cell cell : row.cells()) {
                BigDecimal from = LadderPlan.from(row);
                boolean shown = cell.group().isEmpty() || cell.group().equals(plan.second());
                if (from != null && !cell.place().isEmpty() && shown) {
                    plan.hang(
                            drawing,
                            row,
                            cell,
                            from,
                            index / (double) table.rows().size());
                }
            }
        }
    }
}
