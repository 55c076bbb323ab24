package dev.steelyard.core.curve;

import dev.steelyard.core.card.Case;
import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.ladder.BreaksInForce;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.prepared.PreparedLadder;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/** Where the price jumps or bends as a measurement grows. */
final class Jumps {

    private final TreeMap<BigDecimal, Boolean> points = new TreeMap<>();

    private Jumps() {}

    /**
     * A point.
     *
     * @param after whether the new price counts only after it (the next size up, the next step), not from it on
     */
    record Jump(BigDecimal at, boolean after) {}

    /** All of them between two values; none where an amount that has thresholds is no straight line, or there are too many. */
    static @Nullable Jumps of(MeasurementCurve curve, BigDecimal from, BigDecimal until, int most) {
        Jumps jumps = new Jumps();
        for (String condition : CardFormulas.conditions(curve.card().card())) {
            ConditionEdges.of(curve, condition, from, until)
                    .forEach(edge -> jumps.points.merge(edge.at(), edge.after(), Boolean::logicalOr));
        }
        for (PiecePrice piece : curve.ways()) {
            if (piece instanceof PiecePrice.Grid grid) {
                edges(grid, curve.ask()).forEach(edge -> jumps.points.put(edge, true));
            } else if (piece instanceof PiecePrice.Rate rate && !jumps.ofRate(rate, curve, from, until, most)) {
                return null;
            } else if (piece instanceof PiecePrice.Packs
                    && hasThresholds(curve)
                    && !jumps.straight(curve, from, until, List.of(), null)) {
                return null;
            }
        }
        return jumps.points.size() > most ? null : jumps;
    }

    List<Jump> inside(BigDecimal from, BigDecimal until) {
        return points.subMap(from, true, until, false).entrySet().stream()
                .filter(point -> point.getKey().compareTo(from) > 0 || point.getValue())
                .map(point -> new Jump(point.getKey(), point.getValue()))
                .toList();
    }

    /** Values at which a grid jumps, in the measurement's own unit; also for sampled runs. */
    static List<BigDecimal> thresholds(MeasurementCurve curve) {
        List<BigDecimal> found = new ArrayList<>();
        for (Case one : curve.card().card().cases().all()) {
            if (one.piece() instanceof PiecePrice.Grid grid) {
                found.addAll(edges(grid, curve.ask()));
            }
        }
        return found;
    }

    private static List<BigDecimal> edges(PiecePrice.Grid grid, Measurement ask) {
        List<BigDecimal> edges = new ArrayList<>();
        if (grid.columnsBy().equals(ask.name())) {
            grid.columns()
                    .forEach(edge ->
                            edges.add(ask.unit().fromBase(grid.columnUnit().toBase(edge))));
        }
        if (grid.rowsBy().equals(ask.name())) {
            grid.rows()
                    .forEach(
                            edge -> edges.add(ask.unit().fromBase(grid.rowUnit().toBase(edge))));
        }
        return edges;
    }

    private static boolean hasThresholds(MeasurementCurve curve) {
        PreparedLadder ladder = curve.card().ladder();
        return ladder != null && ladder.countsAmount();
    }

    private boolean ofRate(PiecePrice.Rate rate, MeasurementCurve curve, BigDecimal from, BigDecimal until, int most) {
        boolean billed = rate.roundUpTo() != null || rate.atLeast() != null || rate.breaks() != null;
        int degree = curve.degreeOf(rate.amount());
        if (degree == 0 || !billed && !hasThresholds(curve)) {
            return true;
        }
        return degree == 1 && straight(curve, from, until, amounts(rate, curve, until, most), rate);
    }

    /** The amounts, in base units, at which a rate jumps or bends, each with whether only after it. */
    private static List<Jump> amounts(PiecePrice.Rate rate, MeasurementCurve curve, BigDecimal until, int most) {
        List<Jump> amounts = new ArrayList<>();
        Unit unit = rate.unit();
        if (rate.breaks() != null) {
            BreaksInForce breaks = rate.breaks()
                    .prepared(unit)
                    .inForce(curve.trial().group(), curve.trial().day());
            for (int i = 0; i < breaks.size(); i++) {
                amounts.add(new Jump(breaks.threshold(i), false));
            }
        }
        if (rate.roundUpTo() != null) {
            BigDecimal step = unit.toBase(rate.roundUpTo());
            BigDecimal largest =
                    curve.line(until).map(line -> line.piece().billable()).orElse(BigDecimal.ZERO);
            BigDecimal least = rate.atLeast() == null ? BigDecimal.ZERO : unit.toBase(rate.atLeast());
            // the first step beyond which more than the smallest amount is billed
            BigDecimal at = least.divide(step, 0, RoundingMode.CEILING)
                    .subtract(BigDecimal.ONE)
                    .max(BigDecimal.ONE)
                    .multiply(step);
            at = at.add(step).compareTo(least) > 0 ? at : at.add(step);
            for (int i = 0; i <= most && at.compareTo(largest) <= 0; i++) {
                amounts.add(new Jump(at, true));
                at = at.add(step);
            }
        }
        if (rate.atLeast() != null && rate.roundUpTo() == null) {
            amounts.add(new Jump(unit.toBase(rate.atLeast()), true));
        }
        return amounts;
    }

    /**
     * Where a straight amount reaches some amounts, and those of the ladder.
     *
     * @param rate whose waste comes before its thresholds; none for an own amount
     */
    private boolean straight(
            MeasurementCurve curve,
            BigDecimal from,
            BigDecimal until,
            List<Jump> amounts,
            PiecePrice.@Nullable Rate rate) {
        Optional<Straight> line = Straight.of(curve, from, until, rate);
        if (line.isEmpty()) {
            return false;
        }
        for (Jump jump : amounts) {
            line.get().reaches(jump.at()).ifPresent(x -> points.merge(x, jump.after(), Boolean::logicalOr));
        }
        if (hasThresholds(curve)) {
            PreparedLadder ladder = Objects.requireNonNull(curve.card().ladder());
            BreaksInForce breaks =
                    ladder.breaks().inForce(curve.trial().group(), curve.trial().day());
            BigDecimal pieces = BigDecimal.valueOf(curve.trial().quantity());
            for (int i = 0; i < breaks.size(); i++) {
                BigDecimal each = breaks.threshold(i).divide(pieces, Decimals.EXACT);
                line.get().reaches(each).ifPresent(x -> points.merge(x, false, Boolean::logicalOr));
            }
            if (ladder.soldFrom() != null) {
                line.get()
                        .reaches(ladder.soldFrom().divide(pieces, Decimals.EXACT))
                        .ifPresent(x -> points.merge(x, false, Boolean::logicalOr));
            }
        }
        return points.size() <= 2000;
    }
}
