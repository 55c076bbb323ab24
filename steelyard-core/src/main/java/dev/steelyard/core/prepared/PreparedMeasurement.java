package dev.steelyard.core.prepared;

import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.prepared.Answers.Answer;
import dev.steelyard.core.reckoning.Fault;
import dev.steelyard.core.reckoning.Place;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Reads a typed measurement: its limits, step and whole numbers are compared in base units. */
final class PreparedMeasurement implements PreparedAsk {

    private final Measurement ask;
    private final int slot;
    private final boolean bare;
    private final @Nullable Calc shownWhen;
    private final @Nullable BigDecimal least;
    private final @Nullable BigDecimal most;
    private final ShortLimits limits;

    /** @param bare whether formulas see the bare number in its own unit (plain mode) */
    PreparedMeasurement(Measurement ask, int slot, boolean bare, @Nullable Calc shownWhen) {
        this.shownWhen = shownWhen;
        this.ask = ask;
        this.slot = slot;
        this.bare = bare;
        this.least = ask.least() == null ? null : ask.unit().toBase(ask.least());
        this.limits = ShortLimits.of(ask);
        this.most = ask.most() == null ? null : ask.unit().toBase(ask.most());
    }

    @Override
    public Measurement ask() {
        return ask;
    }

    @Override
    public @Nullable Calc shownWhen() {
        return shownWhen;
    }

    int slot() {
        return slot;
    }

    /** A value as formulas see it, in base units. */
    BigDecimal toBase(BigDecimal seen) {
        return bare ? ask.unit().toBase(seen) : seen;
    }

    @Override
    public @Nullable Fault read(Run run, boolean allRightSoFar) {
        if (shownWhen != null && !open(run, allRightSoFar)) {
            BigDecimal instead = ask.notAsked() == null ? BigDecimal.ZERO : ask.notAsked();
            return taken(run, instead, ask.unit(), ask.unit().toBase(instead));
        }
        Answer answer = run.answers().byName().get(ask.name());
        if (answer == null) {
            return fault(ask.label() + " is missing; " + allowed());
        }
        Unit unit = ask.unit();
        BigDecimal value;
        if (answer instanceof Answer.Number number) {
            value = number.value();
            unit = number.unit() == null ? unit : number.unit();
        } else {
            Answer.Typed typed = (Answer.Typed) answer;
            DecimalText.Reading reading = DecimalText.read(typed.text());
            if (reading.fault() != null) {
                return fault(ask.label() + ": " + reading.fault().message());
            }
            value = Objects.requireNonNull(reading.value());
            if (typed.unit() != null) {
                Optional<Unit> named = Unit.of(typed.unit());
                if (named.isEmpty()) {
                    return fault(ask.label() + ": there is no unit “" + typed.unit() + "”; " + allowed());
                }
                unit = named.get();
            }
        }
        return read(run, value, unit);
    }

    private @Nullable Fault read(Run run, BigDecimal value, Unit unit) {
        if (!unit.dimension().equals(ask.unit().dimension())) {
            return fault(ask.label() + " is " + ask.unit().dimension().words() + ", but " + unit.code() + " measures "
                    + unit.dimension().words());
        }
        if (value.precision() > DecimalText.MOST_DIGITS) {
            return fault(ask.label() + " has more than " + DecimalText.MOST_DIGITS + " digits");
        }
        BigDecimal base = unit.toBase(value);
        if (unit == ask.unit() && limits.allows(value)) {
            return taken(run, value, unit, base);
        }
        if (least != null && base.compareTo(least) < 0) {
            return fault(
                    ask.tooSmall() != null ? ask.tooSmall() : ask.label() + " is too small: " + given(value, unit));
        }
        if (most != null && base.compareTo(most) > 0) {
            return fault(
                    ask.tooLarge() != null ? ask.tooLarge() : ask.label() + " is too large: " + given(value, unit));
        }
        Fits fits = Fits.of(ask, unit);
        if (!fits.has(base)) {
            String nearest = fits.nearest(base);
            return fault(ask.label() + " does not fit: " + given(value, unit)
                    + (nearest.isEmpty() ? "" : "; the nearest is " + nearest));
        }
        return taken(run, value, unit, base);
    }

    private @Nullable Fault taken(Run run, BigDecimal value, Unit unit, BigDecimal base) {
        run.frame().set(slot, bare ? ask.unit().fromBase(base) : base);
        run.show(ask.name(), value, unit.symbol());
        return null;
    }

    private String given(BigDecimal value, Unit unit) {
        return with(value, unit) + " was given; " + allowed();
    }

    /** “0.5 to 200 m, in steps of 0.5 m”. */
    private String allowed() {
        Unit unit = ask.unit();
        String range;
        if (ask.least() != null && ask.most() != null) {
            range = Decimals.plain(ask.least(), 0) + " to " + with(ask.most(), unit);
        } else if (ask.least() != null) {
            range = "at least " + with(ask.least(), unit);
        } else if (ask.most() != null) {
            range = "at most " + with(ask.most(), unit);
        } else {
            range = unit.symbol().isEmpty() ? "any number" : "any number of " + unit.symbol();
        }
        String steps = ask.step() == null ? "" : ", in steps of " + with(ask.step(), unit);
        return "it can be " + range + steps + (ask.whole() ? ", whole numbers only" : "");
    }

    private static String with(BigDecimal value, Unit unit) {
        String digits = Decimals.plain(value, 0);
        return unit.symbol().isEmpty() ? digits : digits + " " + unit.symbol();
    }

    private Fault fault(String message) {
        return new Fault(Place.ask(ask.name()), message);
    }
}
