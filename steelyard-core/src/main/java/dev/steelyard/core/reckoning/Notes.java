package dev.steelyard.core.reckoning;

import dev.steelyard.core.number.Rounding;
import dev.steelyard.core.reckoning.Step.Figure;
import dev.steelyard.core.reckoning.Step.Point;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Where steps are written while a price is worked out; nowhere where nobody asked. Not shared between threads. */
public final class Notes {

    /** Where nobody asked. Whoever writes looks at {@link #wanted} first, so that nothing is put together for nothing. */
    public static final Notes NONE = new Notes(null, 0, 0);

    private final @Nullable List<Step> steps;
    private final int pieceDecimals;
    private final int lineDecimals;

    private Notes(@Nullable List<Step> steps, int pieceDecimals, int lineDecimals) {
        this.steps = steps;
        this.pieceDecimals = pieceDecimals;
        this.lineDecimals = lineDecimals;
    }

    /** Empty notes of a line whose money is rounded so. */
    public static Notes of(Rounding rounding) {
        return new Notes(new ArrayList<>(), rounding.unitPriceDecimals(), rounding.minorDigits());
    }

    public boolean wanted() {
        return steps != null;
    }

    /** A step that is money for one piece. */
    public void piece(Fact what, @Nullable Fact how, BigDecimal result, @Nullable Point point) {
        add(new Step(what, how, new Figure(result, pieceDecimals, null), point));
    }

    /** A step that is money for the line. */
    public void line(Fact what, @Nullable Fact how, BigDecimal result, @Nullable Point point) {
        add(new Step(what, how, new Figure(result, lineDecimals, null), point));
    }

    /** A step that is an amount, in a unit. */
    public void amount(Fact what, @Nullable Fact how, BigDecimal result, Unit unit, @Nullable Point point) {
        add(new Step(what, how, new Figure(result, 0, unit), point));
    }

    /** The same so far, to be gone on with alone. */
    public Notes copy() {
        return steps == null ? NONE : new Notes(new ArrayList<>(steps), pieceDecimals, lineDecimals);
    }

    /** The steps so far, in order. */
    public List<Step> steps() {
        return steps == null ? List.of() : List.copyOf(steps);
    }

    private void add(Step step) {
        if (steps != null) {
            steps.add(step);
        }
    }
}
