package dev.steelyard.core.prepared;

import dev.steelyard.core.card.Charge;
import dev.steelyard.core.prepared.AppliedCharge.How;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Told;
import java.math.BigDecimal;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** The charge of one option. */
final class PreparedCharge {

    private final Charge charge;
    private final Part choice;
    private final Part option;
    private final @Nullable Calc measure;

    /** @param measure what a charge per unit is charged for; none for any other */
    PreparedCharge(Charge charge, Part choice, Part option, @Nullable Calc measure) {
        this.charge = charge;
        this.choice = choice;
        this.option = option;
        this.measure = measure;
    }

    /** What it comes to for a line; none where it is nothing. */
    @Nullable
    AppliedCharge apply(Run run) {
        if (charge instanceof Charge.PerPiece piece) {
            return new AppliedCharge(How.PER_PIECE, piece.amount(), choice, option, Fact.of(Told.FOR_EACH_PIECE));
        } else if (charge instanceof Charge.Percent percent) {
            return new AppliedCharge(How.PERCENT, percent.percent(), choice, option, null);
        } else if (charge instanceof Charge.PerLine line) {
            return new AppliedCharge(How.PER_LINE, line.amount(), choice, option, Fact.of(Told.ONCE));
        } else if (charge instanceof Charge.PerUnit unit) {
            return perUnit(unit, Objects.requireNonNull(measure), run);
        }
        return null;
    }

    private AppliedCharge perUnit(Charge.PerUnit perUnit, Calc measure, Run run) {
        BigDecimal measured = measure.number(run);
        BigDecimal value = perUnit.unit().price(measured, perUnit.amount());
        Fact detail = run.notes().wanted()
                ? Fact.of(
                        Told.WORKED_TIMES_RATE,
                        run.with(measure.formula()),
                        Part.amount(perUnit.unit().fromBase(measured), perUnit.unit()),
                        Part.money(perUnit.amount()),
                        new Part.UnitOf(perUnit.unit()))
                : null;
        return new AppliedCharge(How.PER_PIECE, value, choice, option, detail);
    }
}
