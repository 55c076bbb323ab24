package dev.steelyard.core.prepared;

import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.prepared.Answers.Answer;
import dev.steelyard.core.reckoning.Fault;
import dev.steelyard.core.reckoning.Place;
import dev.steelyard.core.said.NumberSays;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Part.Join;
import dev.steelyard.core.said.Refusal;
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
            return fault(Refusal.ANSWER_MISSING, label(), allowed());
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
                return new Fault(Place.ask(ask.name()), NumberSays.answer(label(), reading.fault()));
            }
            value = Objects.requireNonNull(reading.value());
            if (typed.unit() != null) {
                Optional<Unit> named = Unit.of(typed.unit());
                if (named.isEmpty()) {
                    return fault(Refusal.UNIT_UNKNOWN, label(), Part.typed(typed.unit()), allowed());
                }
                unit = named.get();
            }
        }
        return read(run, value, unit);
    }

    private @Nullable Fault read(Run run, BigDecimal value, Unit unit) {
        if (!unit.dimension().equals(ask.unit().dimension())) {
            return fault(
                    Refusal.UNIT_OF_OTHER_KIND,
                    label(),
                    new Part.KindOf(ask.unit().dimension()),
                    new Part.UnitOf(unit),
                    new Part.KindOf(unit.dimension()));
        }
        if (value.precision() > DecimalText.MOST_DIGITS) {
            return fault(Refusal.TOO_MANY_DIGITS, label(), Part.count(DecimalText.MOST_DIGITS));
        }
        BigDecimal base = unit.toBase(value);
        if (unit == ask.unit() && limits.allows(value)) {
            return taken(run, value, unit, base);
        }
        if (least != null && base.compareTo(least) < 0) {
            return !ask.tooSmall().isEmpty()
                    ? fault(Refusal.OWN_WORDS, Part.name(ask.tooSmall()))
                    : fault(Refusal.TOO_SMALL, label(), Part.amount(value, unit), allowed());
        }
        if (most != null && base.compareTo(most) > 0) {
            return !ask.tooLarge().isEmpty()
                    ? fault(Refusal.OWN_WORDS, Part.name(ask.tooLarge()))
                    : fault(Refusal.TOO_LARGE, label(), Part.amount(value, unit), allowed());
        }
        Fits fits = Fits.of(ask, unit);
        if (!fits.has(base)) {
            return fault(
                    Refusal.DOES_NOT_FIT,
                    label(),
                    Part.amount(value, unit),
                    allowed(),
                    Part.all(Join.OR, fits.nearest(base)));
        }
        return taken(run, value, unit, base);
    }

    private @Nullable Fault taken(Run run, BigDecimal value, Unit unit, BigDecimal base) {
        run.frame().set(slot, bare ? ask.unit().fromBase(base) : base);
        run.show(ask.name(), value, unit.symbol());
        return null;
    }

    private Part label() {
        return Part.name(ask.label());
    }

    private Part allowed() {
        return Part.of(ask.allowed());
    }

    private Fault fault(Refusal code, Part... parts) {
        return Fault.of(Place.ask(ask.name()), code, parts);
    }
}
