package dev.steelyard.core.pricing;

import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.prepared.AppliedCharge;
import dev.steelyard.core.reckoning.Notes;
import dev.steelyard.core.reckoning.Step.Point;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Writes the steps of the line as a whole; the last one is the line, rounded by R3. */
final class LineSteps {

    private static final LineSteps NOT_WANTED = new LineSteps(Notes.NONE);

    private final Notes notes;
    private @Nullable String label;
    private String detail = "";
    private BigDecimal sum = BigDecimal.ZERO;

    private LineSteps(Notes notes) {
        this.notes = notes;
    }

    static LineSteps of(Notes notes) {
        return notes.wanted() ? new LineSteps(notes) : NOT_WANTED;
    }

    /** @param with an amount that the detail ends with; none for none */
    void add(String nextLabel, String nextDetail, @Nullable BigDecimal with, BigDecimal nextSum) {
        if (!notes.wanted()) {
            return;
        }
        if (label != null) {
            notes.line(label, detail, sum, null);
        }
        label = nextLabel;
        detail = with == null ? nextDetail : nextDetail + Decimals.plain(with, 2);
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
                add("With " + charge.label(), "with " + charge.label() + " of ", charge.value(), with);
            }
        }
        return with;
    }

    /** The last step, with what the line comes to. */
    void end(BigDecimal total) {
        if (notes.wanted()) {
            notes.line("Line", detail, total, sum.compareTo(total) == 0 ? null : Point.R3);
        }
    }
}
