package dev.steelyard.core.prepared;

import dev.steelyard.core.card.Charge;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.prepared.AppliedCharge.How;
import java.math.BigDecimal;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** The charge of one option. */
final class PreparedCharge {

    private final Charge charge;
    private final String label;
    private final @Nullable Calc measure;

    /** @param measure what a charge per unit is charged for; none for any other */
    PreparedCharge(Charge charge, String label, @Nullable Calc measure) {
        this.charge = charge;
        this.label = label;
        this.measure = measure;
    }

    /** What it comes to for a line; none where it is nothing. */
    @Nullable
    AppliedCharge apply(Run run) {
        if (charge instanceof Charge.PerPiece piece) {
            return new AppliedCharge(How.PER_PIECE, piece.amount(), label, "for each piece");
        } else if (charge instanceof Charge.Percent percent) {
            return new AppliedCharge(How.PERCENT, percent.percent(), label, "");
        } else if (charge instanceof Charge.PerLine line) {
            return new AppliedCharge(How.PER_LINE, line.amount(), label, "once");
        } else if (charge instanceof Charge.PerUnit unit) {
            return perUnit(unit, Objects.requireNonNull(measure), run);
        }
        return null;
    }

    private AppliedCharge perUnit(Charge.PerUnit perUnit, Calc measure, Run run) {
        BigDecimal measured = measure.number(run);
        BigDecimal value = perUnit.unit().price(measured, perUnit.amount());
        String detail = "";
        String told = "";
        if (run.notes().wanted()) {
            String symbol = perUnit.unit().symbol();
            told = Decimals.plain(perUnit.unit().fromBase(measured), 0) + " " + symbol + " × "
                    + Decimals.plain(perUnit.amount(), 2) + " per " + symbol;
            detail = run.with(measure.formula()) + " = " + told.replace(" × ", ", × ");
        }
        return new AppliedCharge(How.PER_PIECE, value, label, detail, told);
    }
}
