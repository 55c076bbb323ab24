package dev.steelyard.core.prepared;

import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.card.OtherUnit;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Step and whole numbers of a measurement in the unit they go by: a unit it offers by its own, any other by the
 * measurement's. Compared in base units, so that 1505 mm is 150.5 cm and no whole cm, and 1.5 m is 150 cm.
 *
 * @param unit whose numbers fit or do not
 * @param origin from which steps are counted, in base units
 * @param step in base units; none for no step
 */
record Fits(Measurement ask, Unit unit, BigDecimal origin, @Nullable BigDecimal step) {

    /** Whole numbers looked through for one that lies on a step as well. */
    private static final int TRIES = 1_000;

    static Fits of(Measurement ask, Unit typedIn) {
        for (OtherUnit other : ask.otherUnits()) {
            if (other.unit() == typedIn && typedIn != ask.unit()) {
                return new Fits(ask, typedIn, BigDecimal.ZERO, base(other.step(), typedIn));
            }
        }
        BigDecimal least = base(ask.least(), ask.unit());
        return new Fits(ask, ask.unit(), least == null ? BigDecimal.ZERO : least, base(ask.step(), ask.unit()));
    }

    private static @Nullable BigDecimal base(@Nullable BigDecimal value, Unit unit) {
        return value == null ? null : unit.toBase(value);
    }

    /** Whether a value in base units is one that can be ordered, limits aside. */
    boolean has(BigDecimal base) {
        return (!ask.whole() || base.remainder(unit.factor()).signum() == 0)
                && (step == null || base.subtract(origin).remainder(step).signum() == 0);
    }

    /** The nearest below and above within the limits that can be ordered; empty where none is found. */
    List<Part> nearest(BigDecimal base) {
        BigDecimal width = step == null ? unit.factor() : step;
        BigDecimal first = step == null ? BigDecimal.ZERO : origin;
        BigDecimal below = base.subtract(first, Decimals.EXACT)
                .divide(width, 0, RoundingMode.FLOOR)
                .multiply(width)
                .add(first);
        List<BigDecimal> nearest = new ArrayList<>();
        add(nearest, below, width.negate());
        add(nearest, below.add(width), width);
        return nearest.stream()
                .map(value -> Part.amount(unit.fromBase(value), unit))
                .toList();
    }

    private void add(List<BigDecimal> nearest, BigDecimal from, BigDecimal by) {
        BigDecimal value = from;
        for (int i = 0; i < TRIES && within(value); i++) {
            if (has(value)) {
                nearest.add(value);
                return;
            }
            value = value.add(by);
        }
    }

    private boolean within(BigDecimal base) {
        BigDecimal least = base(ask.least(), ask.unit());
        BigDecimal most = base(ask.most(), ask.unit());
        return (least == null || base.compareTo(least) >= 0) && (most == null || base.compareTo(most) <= 0);
    }
}
