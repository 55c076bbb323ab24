package dev.steelyard.core.pricing;

import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.prepared.AppliedCharge;
import dev.steelyard.core.reckoning.Notes;
import dev.steelyard.core.reckoning.Step.Point;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Told;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Writes the steps of the line as a whole; the last one is the line, rounded by R3. */
final class LineSteps {

    private static final LineSteps NOT_WANTED = new LineSteps(Notes.NONE);

    private final Notes notes;
    private @Nullable Fact what;
    private @Nullable Fact how;
    private BigDecimal sum = BigDecimal.ZERO;

    private LineSteps(Notes notes) {
        this.notes = notes;
    }

    static LineSteps of(Notes notes) {
        return notes.wanted() ? new LineSteps(notes) : NOT_WANTED;
    }

    void add(Told next, @Nullable Fact nextHow, BigDecimal nextSum) {
        if (notes.wanted()) {
            add(Fact.of(next), nextHow, nextSum);
        }
    }

    void setUp(BigDecimal charge, BigDecimal with) {
        if (notes.wanted()) {
            add(Fact.of(Told.WITH_SET_UP), Fact.of(Told.WITH_SET_UP_OF, Part.money(charge)), with);
        }
    }

    void minimum(BigDecimal charge) {
        if (notes.wanted()) {
            add(Fact.of(Told.MINIMUM), Fact.of(Told.MINIMUM_CHARGE), charge);
        }
    }

    private void add(Fact next, @Nullable Fact nextHow, BigDecimal nextSum) {
        if (what != null) {
            notes.line(what, how, sum, null);
        }
        what = next;
        how = nextHow;
        sum = nextSum;
    }

    /**
     * Adds what is charged once for the line, each charge by its label.
     *
     * @return the sum with them
     */
    BigDecimal charges(List<AppliedCharge> charges, BigDecimal before) {
        BigDecimal with = before;
        for (AppliedCharge charge : charges) {
            if (charge.how() == AppliedCharge.How.PER_LINE) {
                with = with.add(charge.value(), Decimals.EXACT);
                if (notes.wanted()) {
                    add(
                            Fact.of(Told.WITH_CHARGE, charge.choice(), charge.option()),
                            Fact.of(Told.WITH_CHARGE_OF, charge.choice(), charge.option(), Part.money(charge.value())),
                            with);
                }
            }
        }
        return with;
    }

    /** The last step, with what the line comes to. */
    void end(BigDecimal total) {
        if (notes.wanted()) {
            notes.line(Fact.of(Told.LINE), how, total, sum.compareTo(total) == 0 ? null : Point.R3);
        }
    }
}
