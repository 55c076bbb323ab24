package dev.steelyard.core.curve;

import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.number.Rounding;
import dev.steelyard.core.pricing.PricedLine;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/**
 * What an order costs as one number of it changes, all else as in a trial: runs between the points where the price
 * jumps or bends. A run with a closed form is exact, unrounded; its value at a point, rounded by R2 and R3, is the
 * price. A run without one is sampled, and says so.
 */
public final class Curve {

    private final List<Run> runs;
    private final Rounding rounding;
    private final @Nullable BigDecimal minimum;
    private final Function<BigDecimal, Optional<PricedLine>> pricer;
    private final Predicate<BigDecimal> ordered;

    Curve(
            List<Run> runs,
            Rounding rounding,
            @Nullable BigDecimal minimum,
            Function<BigDecimal, Optional<PricedLine>> pricer) {
        this(runs, rounding, minimum, pricer, any -> true);
    }

    /** @param ordered whether a point within a run can be ordered; where it cannot there is no price */
    Curve(
            List<Run> runs,
            Rounding rounding,
            @Nullable BigDecimal minimum,
            Function<BigDecimal, Optional<PricedLine>> pricer,
            Predicate<BigDecimal> ordered) {
        this.runs = List.copyOf(runs);
        this.rounding = rounding;
        this.minimum = minimum;
        this.pricer = pricer;
        this.ordered = ordered;
    }

    /**
     * A run of values.
     *
     * @param from where it begins
     * @param fromIncluded whether it begins there or just after
     * @param until where it ends
     * @param untilIncluded whether it ends there or just before
     * @param form its closed form; none where it is sampled
     * @param by the break that counts on it; none for none, or where it is sampled
     * @param samples points with prices; only where it is sampled, those without a price left out
     */
    public record Run(
            BigDecimal from,
            boolean fromIncluded,
            BigDecimal until,
            boolean untilIncluded,
            @Nullable Form form,
            @Nullable Break by,
            List<Sample> samples) {

        public Run {
            samples = List.copyOf(samples);
        }

        boolean has(BigDecimal x) {
            int left = x.compareTo(from);
            int right = x.compareTo(until);
            return (left > 0 || left == 0 && fromIncluded) && (right < 0 || right == 0 && untilIncluded);
        }
    }

    /**
     * A closed form: line = R3(max(minimum, pieces × R2(perPiece) + rest)).
     *
     * @param pieces how many; none where the curve goes along the pieces
     * @param perPiece none where pieces differ in price, and rest is all there is
     */
    public record Form(@Nullable BigDecimal pieces, @Nullable Polynomial perPiece, Polynomial rest) {}

    /** A point of a sampled run. */
    public record Sample(BigDecimal x, Money unit, Money total) {}

    /** The runs, ascending, without overlap; where there is none, there is no price. */
    public List<Run> runs() {
        return runs;
    }

    /** Whether every run has a closed form. */
    public boolean exact() {
        return runs.stream().allMatch(run -> run.form() != null);
    }

    /** The line's total at a point, rounded by R2 and R3; none where there is no price or no run. */
    public Optional<Money> total(BigDecimal x) {
        for (Run run : runs) {
            if (run.has(x) && ordered.test(x)) {
                Form form = run.form();
                return form == null ? pricer.apply(x).map(PricedLine::total) : Optional.of(total(form, x));
            }
        }
        return Optional.empty();
    }

    /** The shown price of one piece at a point; none where there is no price or no run. */
    public Optional<Money> unit(BigDecimal x) {
        for (Run run : runs) {
            if (run.has(x) && ordered.test(x)) {
                Form form = run.form();
                if (form == null) {
                    return pricer.apply(x).map(PricedLine::shownPerPiece);
                }
                BigDecimal pieces = form.pieces() == null ? x : form.pieces();
                return Optional.of(rounding.shownPerPiece(total(form, x), pieces.longValueExact()));
            }
        }
        return Optional.empty();
    }

    /** The line's total at a point of a run or at its ends, whether it includes them or not; none where it is sampled. */
    public Optional<Money> totalOn(Run run, BigDecimal x) {
        return Optional.ofNullable(run.form()).map(form -> total(form, x));
    }

    private Money total(Form form, BigDecimal x) {
        BigDecimal sum = form.rest().at(x);
        if (form.perPiece() != null) {
            BigDecimal pieces = form.pieces() == null ? x : form.pieces();
            Money one = rounding.pricePerPiece(form.perPiece().at(x));
            sum = sum.add(one.value().multiply(pieces, Decimals.EXACT), Decimals.EXACT);
        }
        return rounding.lineTotal(minimum == null ? sum : sum.max(minimum));
    }
}
