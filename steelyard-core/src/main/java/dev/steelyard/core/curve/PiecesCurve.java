package dev.steelyard.core.curve;

import dev.steelyard.core.card.OrderQuantity;
import dev.steelyard.core.curve.Curve.Form;
import dev.steelyard.core.curve.Curve.Run;
import dev.steelyard.core.curve.Curve.Sample;
import dev.steelyard.core.formula.ast.Scope;
import dev.steelyard.core.ladder.BreaksInForce;
import dev.steelyard.core.ladder.Ladder;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.core.number.Rounding;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.prepared.PreparedLadder;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.core.pricing.TrialLine;
import dev.steelyard.core.pricing.TrialLine.Unrounded;
import dev.steelyard.core.reckoning.Wanted;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeSet;

/** The curve over the pieces: between thresholds the line is so much and so much more for each piece. */
final class PiecesCurve {

    private static final int MOST_RUNS = 500;

    private final PreparedCard card;
    private final Asked trial;
    private final ShopRules rules;
    private final Wanted wanted;
    private final OrderQuantity orders;
    private final List<Run> runs = new ArrayList<>();

    PiecesCurve(PreparedCard card, Asked trial, ShopRules rules, Wanted wanted) {
        this.card = card;
        this.trial = trial;
        this.rules = rules;
        this.wanted = wanted;
        this.orders = rules.orders(card);
    }

    Curve curve() {
        boolean reads = CardFormulas.reads(card.card(), Scope.PIECES, rules);
        TreeSet<Long> starts = new TreeSet<>(List.of((long) Quantity.LEAST));
        BreaksInForce breaks = breaks();
        for (int i = 0; i < breaks.size(); i++) {
            starts.add(
                    card.ladder() != null && card.ladder().countsAmount()
                            ? piecesFor(breaks.threshold(i))
                            : breaks.get(i).from().longValueExact());
        }
        Ladder ladder = card.card().ladder();
        if (ladder != null && ladder.upTo() != null) {
            starts.add(ladder.upTo().longValueExact() + 1);
        }
        if (ladder != null && ladder.soldFrom() != null) {
            starts.add(
                    card.ladder() != null && card.ladder().countsAmount()
                            ? piecesFor(Objects.requireNonNull(card.ladder().soldFrom()))
                            : ladder.soldFrom().longValueExact());
        }
        Long[] all = starts.stream()
                .flatMapToLong(start -> orders.from(start).stream())
                .distinct()
                .boxed()
                .toArray(Long[]::new);
        for (int i = 0; i < all.length; i++) {
            long last = i + 1 < all.length
                    ? all[i + 1] - orders.step()
                    : orders.largest().orElseThrow();
            if (reads) {
                runs.add(sampled(all[i], last));
            } else {
                split(all[i], last);
            }
        }
        return new Curve(
                runs,
                rounding(),
                card.card().finish().minimum(),
                this::price,
                pieces -> orders.fits(pieces.longValueExact()));
    }

    private BreaksInForce breaks() {
        PreparedLadder ladder = card.ladderFor(trial.item());
        return ladder == null ? BreaksInForce.NONE : ladder.breaks().inForce(trial.group(), trial.day());
    }

    /** The fewest pieces whose amount reaches a threshold. */
    private long piecesFor(BigDecimal threshold) {
        BigDecimal one = TrialLine.of(card, trial, rules).piece().billable();
        if (one == null || one.signum() == 0) {
            return Quantity.MOST + 1L;
        }
        BigDecimal pieces = threshold.divide(one, 0, RoundingMode.CEILING);
        return Math.max(1, pieces.min(BigDecimal.valueOf(Quantity.MOST + 1L)).longValueExact());
    }

    /** Runs from first to last: as far as the line through the first two points goes, then on from there. */
    private void split(long first, long last) {
        long from = first;
        while (from <= last && runs.size() < MOST_RUNS) {
            Optional<Unrounded> here = unrounded(from);
            if (here.isEmpty()) {
                return; // fewer or more than are sold: no price on this stretch
            }
            long until = from == last ? last : reachOf(from, last);
            runs.add(run(from, until, here.get()));
            from = until + orders.step();
        }
    }

    /** The last quantity, found by halving, up to which the line through the first two points goes. */
    private long reachOf(long from, long last) {
        if (fits(from, last)) {
            return last;
        }
        long low = 1;
        long high = (last - from) / orders.step();
        while (low + 1 < high) {
            long middle = (low + high) >>> 1;
            if (fits(from, from + middle * orders.step())) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return fits(from, from + low * orders.step()) ? from + low * orders.step() : from;
    }

    private boolean fits(long from, long there) {
        BigDecimal start = sum(from);
        BigDecimal next = sum(from + orders.step());
        BigDecimal step = next.subtract(start, Decimals.EXACT);
        BigDecimal steps = BigDecimal.valueOf((there - from) / orders.step());
        BigDecimal expected = start.add(step.multiply(steps, Decimals.EXACT), Decimals.EXACT);
        return unrounded(there).isPresent() && sum(there).compareTo(expected) == 0;
    }

    private Run run(long from, long until, Unrounded here) {
        BigDecimal start = BigDecimal.valueOf(from);
        List<BigDecimal> sums = from == until ? List.of(sum(from)) : List.of(sum(from), sum(from + orders.step()));
        Polynomial line = Polynomial.through(start, BigDecimal.valueOf(orders.step()), sums);
        return new Run(
                start, true, BigDecimal.valueOf(until), true, new Form(null, null, line), here.reached(), List.of());
    }

    /** The line before minimum and R3. */
    private BigDecimal sum(long pieces) {
        Unrounded line = unrounded(pieces).orElseThrow();
        if (line.perPiece() == null) {
            return line.rest();
        }
        return rounding().pricePerPiece(line.perPiece()).times(pieces).add(line.rest(), Decimals.EXACT);
    }

    private Run sampled(long first, long last) {
        List<Sample> samples = new ArrayList<>();
        long far = Math.min(last, first * 4 + 100);
        for (int i = 0; i <= Samples.COUNT; i++) {
            long near = orders.from(first + (far - first) * i / Samples.COUNT).orElse(first);
            BigDecimal x = BigDecimal.valueOf(near);
            price(x).ifPresent(line -> samples.add(new Sample(x, line.shownPerPiece(), line.total())));
        }
        return new Run(BigDecimal.valueOf(first), true, BigDecimal.valueOf(last), true, null, null, samples);
    }

    private Optional<PricedLine> price(BigDecimal pieces) {
        wanted.check();
        return Samples.priced(
                () -> TrialLine.of(card, with(pieces.longValueExact()), rules).price());
    }

    private Optional<Unrounded> unrounded(long pieces) {
        wanted.check();
        return Samples.priced(() -> TrialLine.of(card, with(pieces), rules).unrounded());
    }

    private Asked with(long pieces) {
        return new Asked(trial.item(), pieces, trial.answers(), trial.group(), trial.day());
    }

    private Rounding rounding() {
        return rules.roundingFor(trial.item().product(), card.card());
    }
}
