package dev.steelyard.core.prepared;

import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.ladder.Breaks;
import dev.steelyard.core.ladder.BreaksInForce;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.reckoning.Fault.Kind;
import dev.steelyard.core.reckoning.Notes;
import dev.steelyard.core.reckoning.Place;
import dev.steelyard.core.reckoning.Refused;
import dev.steelyard.core.reckoning.Step.Point;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Refusal;
import dev.steelyard.core.said.Told;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** Billable amount times a rate. */
final class RateWay implements Way {

    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

    private final PiecePrice.Rate rate;
    private final Calc amount;
    private final Unit unit;
    private final @Nullable BigDecimal withWaste;
    private final @Nullable BigDecimal step;
    private final @Nullable BigDecimal atLeast;
    private final @Nullable Breaks breaks;

    RateWay(PiecePrice.Rate rate, Calc amount) {
        this.rate = rate;
        this.amount = amount;
        this.unit = rate.unit();
        this.withWaste = rate.wastePercent() == null
                ? null
                : BigDecimal.ONE.add(rate.wastePercent().divide(HUNDRED, Decimals.EXACT), Decimals.EXACT);
        this.step = rate.roundUpTo() == null ? null : unit.toBase(rate.roundUpTo());
        this.atLeast = rate.atLeast() == null ? null : unit.toBase(rate.atLeast());
        this.breaks = rate.breaks() == null ? null : rate.breaks().prepared(unit);
    }

    @Override
    public Priced price(Run run, Part lead) {
        BigDecimal billable = billable(run, lead);
        if (breaks == null || rate.breaks() == null) {
            BigDecimal price = unit.price(billable, rate.price());
            note(run, run.notes().wanted() ? Fact.of(Told.PIECE_PRICE) : null, billable, rate.price(), price);
            return new Priced(price, billable, unit, rate.price());
        }
        BreaksInForce inForce = run.inForce(breaks);
        if (rate.breaks().slices()) {
            return new Priced(slices(run, billable, inForce), billable, unit, null);
        }
        int at = inForce.indexReached(billable);
        BigDecimal reached = at < 0 ? rate.price() : inForce.get(at).value();
        BigDecimal price = unit.price(billable, reached);
        note(
                run,
                !run.notes().wanted()
                        ? null
                        : at < 0
                                ? Fact.of(Told.PIECE_PRICE)
                                : Fact.of(Told.PIECE_PRICE_FROM, amount(inForce.threshold(at))),
                billable,
                reached,
                price);
        return new Priced(price, billable, unit, null);
    }

    private BigDecimal billable(Run run, Part lead) {
        BigDecimal measured = amount.number(run);
        if (measured.signum() < 0) {
            throw Refused.at(Place.AMOUNT, Kind.NO_PRICE, Refusal.AMOUNT_NEGATIVE, amount(measured));
        }
        Notes notes = run.notes();
        if (notes.wanted()) {
            Fact worked = Fact.of(Told.WORKED, lead, run.with(amount.formula()));
            notes.amount(Fact.of(Told.AMOUNT), worked, unit.fromBase(measured), unit, null);
        }
        BigDecimal billable = measured;
        if (withWaste != null) {
            billable = billable.multiply(withWaste, Decimals.EXACT);
            if (notes.wanted()) {
                notes.amount(
                        Fact.of(Told.WITH_WASTE),
                        Fact.of(Told.WASTE, amount(measured), Part.number(Objects.requireNonNull(rate.wastePercent()))),
                        unit.fromBase(billable),
                        unit,
                        null);
            }
        }
        if (step != null) {
            BigDecimal before = billable;
            billable = upTo(billable, step);
            if (notes.wanted() && before.compareTo(billable) != 0) {
                notes.amount(
                        Fact.of(Told.ROUNDED_UP),
                        Fact.of(Told.UP_TO_NEXT, amount(before), amount(step)),
                        unit.fromBase(billable),
                        unit,
                        Point.R1);
            }
        }
        if (atLeast != null && billable.compareTo(atLeast) < 0) {
            if (notes.wanted()) {
                notes.amount(
                        Fact.of(Told.SMALLEST_BILLABLE),
                        Fact.of(Told.NOT_AMOUNT, amount(billable)),
                        unit.fromBase(atLeast),
                        unit,
                        null);
            }
            billable = atLeast;
        }
        return billable;
    }

    private static BigDecimal upTo(BigDecimal amount, BigDecimal step) {
        BigDecimal[] parts = amount.divideAndRemainder(step);
        BigDecimal steps = parts[1].signum() > 0 ? parts[0].add(BigDecimal.ONE) : parts[0];
        return steps.multiply(step, Decimals.EXACT);
    }

    private BigDecimal slices(Run run, BigDecimal billable, BreaksInForce inForce) {
        BigDecimal sum = BigDecimal.ZERO;
        BigDecimal from = BigDecimal.ZERO;
        BigDecimal price = rate.price();
        for (int i = 0; i <= inForce.size() && from.compareTo(billable) < 0; i++) {
            BigDecimal until = i < inForce.size() ? inForce.threshold(i).min(billable) : billable;
            if (until.compareTo(from) > 0) {
                BigDecimal slice = unit.price(until.subtract(from, Decimals.EXACT), price);
                Fact what = run.notes().wanted() ? Fact.of(Told.FROM_TO, amount(from), amount(until)) : null;
                note(run, what, until.subtract(from), price, slice);
                sum = sum.add(slice, Decimals.EXACT);
                from = until;
            }
            price = i < inForce.size() ? inForce.get(i).value() : price;
        }
        if (run.notes().wanted() && inForce.size() > 0) {
            run.notes().piece(Fact.of(Told.PIECE_PRICE), Fact.of(Told.ALL_SLICES), sum, null);
        }
        return sum;
    }

    private void note(Run run, @Nullable Fact what, BigDecimal billable, BigDecimal price, BigDecimal result) {
        if (run.notes().wanted() && what != null) {
            Fact times =
                    Fact.of(Told.TIMES_RATE, Part.NONE, amount(billable), Part.money(price), new Part.UnitOf(unit));
            run.notes().piece(what, times, result, null);
        }
    }

    private Part amount(BigDecimal base) {
        return Part.amount(unit.fromBase(base), unit);
    }
}
