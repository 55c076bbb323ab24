package dev.steelyard.core.curve;

import dev.steelyard.core.card.Case;
import dev.steelyard.core.card.Cases;
import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.curve.Curve.Form;
import dev.steelyard.core.curve.Curve.Run;
import dev.steelyard.core.curve.Curve.Sample;
import dev.steelyard.core.formula.ast.Node;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Rounding;
import dev.steelyard.core.prepared.Answers;
import dev.steelyard.core.prepared.Answers.Answer;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.core.pricing.TrialLine;
import dev.steelyard.core.pricing.TrialLine.Unrounded;
import dev.steelyard.core.reckoning.Wanted;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The curve over one measurement: jumps at grid edges, at the steps of R1, at the thresholds of breaks; between them a
 * polynomial, where the formulas are polynomials of the measurement.
 */
final class MeasurementCurve {

    private static final int MOST_JUMPS = 2000;
    private static final int END_DIGITS = 4;
    private static final BigDecimal FAR = BigDecimal.valueOf(1000);

    private final PreparedCard card;
    private final Asked trial;
    private final ShopRules rules;
    private final Wanted wanted;
    private final Measurement ask;
    private final int degree;
    private final List<Run> runs = new ArrayList<>();

    MeasurementCurve(PreparedCard card, Asked trial, ShopRules rules, Measurement ask, Wanted wanted) {
        this.card = card;
        this.trial = trial;
        this.rules = rules;
        this.wanted = wanted;
        this.ask = ask;
        this.degree = degree();
    }

    Curve curve() {
        BigDecimal from = ask.least() == null ? BigDecimal.ZERO : ask.least();
        BigDecimal until = ask.most() == null ? from.add(FAR) : ask.most();
        Jumps jumps = degree == Degree.NONE ? null : Jumps.of(this, from, until, MOST_JUMPS);
        List<Jumps.Jump> all = jumps == null ? List.of() : jumps.inside(from, until);
        BigDecimal left = from;
        boolean leftIncluded = true;
        for (Jumps.Jump jump : all) {
            add(left, leftIncluded, jump.at(), jump.after(), jumps != null);
            left = jump.at();
            leftIncluded = !jump.after();
        }
        add(left, leftIncluded, until, true, jumps != null);
        Rounding rounding = rules.roundingFor(trial.item().product(), card.card());
        return new Curve(runs, rounding, card.card().finish().minimum(), this::price);
    }

    PreparedCard card() {
        return card;
    }

    Measurement ask() {
        return ask;
    }

    Asked trial() {
        return trial;
    }

    /**
     * The ways that may price the pieces of this curve: the trial's, with all others where a grid hands on to them or a
     * condition hangs on the measurement.
     */
    List<PiecePrice> ways() {
        List<PiecePrice> all =
                card.card().cases().all().stream().map(Case::piece).toList();
        boolean handsOn = all.stream().anyMatch(way -> way instanceof PiecePrice.Grid grid && grid.elseNextCase());
        boolean hangsOnIt = CardFormulas.conditions(card.card()).stream().anyMatch(text -> degreeOf(text) != 0);
        Optional<Integer> used =
                Samples.priced(() -> TrialLine.of(card, trial, rules).piece().caseIndex());
        return handsOn || hangsOnIt || used.isEmpty() ? all : List.of(all.get(used.get()));
    }

    /** The same of a card whose one case is a rate without step, smallest amount and breaks, and which has no ladder. */
    MeasurementCurve withBareAmount(PiecePrice.Rate rate) {
        PiecePrice.Rate bare =
                new PiecePrice.Rate(rate.amount(), rate.unit(), rate.price(), rate.wastePercent(), null, null, null);
        RateCard plain = card.card().toBuilder()
                .cases(Cases.always(Case.of(bare)))
                .ladder(null)
                .build();
        PreparedCard prepared =
                PreparedCard.prepare(plain, rules.currency().getCurrencyCode()).orThrow();
        return new MeasurementCurve(prepared, trial, rules, ask, wanted);
    }

    int degreeOf(String formula) {
        return Degree.of(node(formula), ask.name());
    }

    Node node(String formula) {
        return CardFormulas.node(formula, rules);
    }

    /** What a formula comes to, in base units, where the measurement has a value. */
    Optional<BigDecimal> number(String formula, BigDecimal x) {
        wanted.check();
        return card.numberOf(formula, with(x));
    }

    /** The line at a value; none where there is no price. */
    Optional<TrialLine> line(BigDecimal x) {
        wanted.check();
        return Samples.priced(() -> TrialLine.of(card, with(x), rules));
    }

    /** The highest degree of what the price is made of; none where a condition or function hangs on it in other ways. */
    private int degree() {
        for (String condition : CardFormulas.conditions(card.card())) {
            if (!ConditionEdges.straight(node(condition), ask.name())) {
                return Degree.NONE;
            }
        }
        int highest = 1; // an own amount is the measurement itself
        for (String measure : CardFormulas.measures(ways(), card.card())) {
            int one = degreeOf(measure);
            if (one == Degree.NONE) {
                return Degree.NONE;
            }
            highest = Math.max(highest, one);
        }
        return highest;
    }

    private void add(BigDecimal from, boolean fromIncluded, BigDecimal until, boolean untilIncluded, boolean closed) {
        if (from.compareTo(until) == 0 && !(fromIncluded && untilIncluded)) {
            return;
        }
        Run exact = closed ? exact(from, fromIncluded, until, untilIncluded) : null;
        Run run = exact != null ? exact : sampled(from, fromIncluded, until, untilIncluded);
        boolean priced = exact != null || !run.samples().isEmpty();
        if (priced || !closed) {
            runs.add(run);
        }
    }

    private @Nullable Run exact(BigDecimal from, boolean fromIncluded, BigDecimal until, boolean untilIncluded) {
        BigDecimal width = until.subtract(from);
        int order = width.signum() == 0 ? 0 : degree;
        BigDecimal spacing = width.signum() == 0 ? BigDecimal.ONE : spacing(width, order);
        // short numbers strictly inside, since the ends may have endless digits
        BigDecimal start = width.signum() == 0 ? from : firstShort(from, spacing);
        List<Unrounded> lines = new ArrayList<>();
        for (int i = 0; i <= order; i++) {
            Optional<Unrounded> line = unrounded(start.add(spacing.multiply(BigDecimal.valueOf(i))));
            if (line.isEmpty()) {
                return null;
            }
            lines.add(line.get());
        }
        boolean alike = lines.stream().allMatch(line -> line.perPiece() != null)
                || lines.stream().allMatch(line -> line.perPiece() == null);
        if (!alike) {
            return null;
        }
        Polynomial perPiece = lines.get(0).perPiece() == null
                ? null
                : Polynomial.through(
                        start,
                        spacing,
                        lines.stream()
                                .map(line -> Objects.requireNonNull(line.perPiece()))
                                .toList());
        Polynomial rest = Polynomial.through(
                start, spacing, lines.stream().map(Unrounded::rest).toList());
        Form form = new Form(BigDecimal.valueOf(trial.quantity()), perPiece, rest);
        Run run = new Run(
                from, fromIncluded, until, untilIncluded, form, lines.get(0).reached(), List.of());
        BigDecimal fine = spacing.movePointLeft(1);
        BigDecimal middle = from.add(width.movePointLeft(1).multiply(BigDecimal.valueOf(5)))
                .divide(fine, 0, RoundingMode.FLOOR)
                .multiply(fine);
        BigDecimal early = start.subtract(fine).compareTo(from) > 0 ? start.subtract(fine) : start;
        // what is never below 0 bends towards one end, so the ends tell where it does
        BigDecimal edge = fine.movePointLeft(END_DIGITS);
        BigDecimal first = fromIncluded && from.scale() <= edge.scale() ? from : firstShort(from, edge);
        BigDecimal last = untilIncluded && until.scale() <= edge.scale() ? until : lastShort(until, edge);
        boolean fits = width.signum() == 0
                || Stream.of(early, middle, lastShort(until, fine), first, last).allMatch(x -> goesThrough(form, x));
        return fits ? run : null;
    }

    /** The smallest multiple of a step that is above a value. */
    private static BigDecimal firstShort(BigDecimal above, BigDecimal step) {
        return above.divide(step, 0, RoundingMode.FLOOR).add(BigDecimal.ONE).multiply(step);
    }

    /** A power of ten of which several go into a width. */
    private static BigDecimal spacing(BigDecimal width, int order) {
        BigDecimal part = width.divide(BigDecimal.valueOf(order + 4L), Decimals.EXACT);
        return BigDecimal.ONE.scaleByPowerOfTen(part.precision() - part.scale() - 1);
    }

    /** The largest multiple of a step that is below a value. */
    private static BigDecimal lastShort(BigDecimal below, BigDecimal step) {
        return below.divide(step, 0, RoundingMode.CEILING)
                .subtract(BigDecimal.ONE)
                .multiply(step);
    }

    /** A clamp at 0, or one price below all others, bends a run where no threshold tells; then it is sampled. */
    private boolean goesThrough(Form form, BigDecimal x) {
        Optional<Unrounded> line = unrounded(x);
        return line.isPresent()
                && near(line.get().rest(), form.rest().at(x))
                && (form.perPiece() == null
                        || line.get().perPiece() != null
                                && near(
                                        Objects.requireNonNull(line.get().perPiece()),
                                        form.perPiece().at(x)));
    }

    /** Equal but for the last digits of 34, where a division did not end. */
    private static boolean near(BigDecimal one, BigDecimal other) {
        BigDecimal difference = one.subtract(other).abs();
        return difference.signum() == 0
                || difference.compareTo(one.abs().max(BigDecimal.ONE).scaleByPowerOfTen(-28)) < 0;
    }

    private Run sampled(BigDecimal from, boolean fromIncluded, BigDecimal until, boolean untilIncluded) {
        TreeSet<BigDecimal> points = new TreeSet<>(List.of(from, until));
        BigDecimal width = until.subtract(from);
        for (int i = 1; i < Samples.COUNT; i++) {
            BigDecimal part =
                    width.multiply(BigDecimal.valueOf(i)).divide(BigDecimal.valueOf(Samples.COUNT), Decimals.EXACT);
            points.add(onStep(from.add(part)).max(from).min(until));
        }
        Jumps.thresholds(this).forEach(point -> {
            if (point.compareTo(from) > 0 && point.compareTo(until) < 0) {
                points.add(point);
            }
        });
        if (!fromIncluded) {
            points.remove(from);
        }
        if (!untilIncluded) {
            points.remove(until);
        }
        List<Sample> samples = new ArrayList<>();
        for (BigDecimal x : points) {
            price(x).ifPresent(line -> samples.add(new Sample(x, line.shownPerPiece(), line.total())));
        }
        return new Run(from, fromIncluded, until, untilIncluded, null, null, samples);
    }

    private BigDecimal onStep(BigDecimal x) {
        BigDecimal step = ask.step();
        if (step == null) {
            return x.setScale(6, RoundingMode.HALF_UP);
        }
        BigDecimal origin = ask.least() == null ? BigDecimal.ZERO : ask.least();
        BigDecimal steps = x.subtract(origin).divide(step, 0, RoundingMode.HALF_UP);
        return origin.add(steps.multiply(step));
    }

    private Optional<Unrounded> unrounded(BigDecimal x) {
        wanted.check();
        return Samples.priced(() -> TrialLine.of(card, with(x), rules).unrounded());
    }

    private Optional<PricedLine> price(BigDecimal x) {
        wanted.check();
        return Samples.priced(() -> TrialLine.of(card, with(x), rules).price());
    }

    private Asked with(BigDecimal x) {
        Map<String, Answer> answers = new HashMap<>(trial.answers().byName());
        answers.put(ask.name(), new Answer.Number(x, null));
        return new Asked(
                trial.item(),
                trial.quantity(),
                new Answers(answers, trial.answers().pack()),
                trial.group(),
                trial.day());
    }
}
