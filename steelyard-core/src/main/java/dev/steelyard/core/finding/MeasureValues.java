package dev.steelyard.core.finding;

import dev.steelyard.core.card.Case;
import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.ladder.Ladder;
import dev.steelyard.core.ladder.Ladder.Counts;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.prepared.Answers.Answer;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** The values of a measurement that a search tries: its limits first, then thresholds with their neighbours. */
final class MeasureValues {

    private static final BigDecimal FAR = BigDecimal.valueOf(1000);
    private static final int PARTS = 8;

    private MeasureValues() {}

    static List<Answer> of(Measurement ask, RateCard card) {
        BigDecimal least = ask.least() == null ? BigDecimal.ZERO : ask.least();
        BigDecimal most = ask.most() == null ? least.add(FAR) : ask.most();
        BigDecimal step = ask.step() != null ? ask.step() : ask.whole() ? BigDecimal.ONE : new BigDecimal("0.001");
        Set<BigDecimal> all = new LinkedHashSet<>(List.of(onStep(least, least, step), lastStep(least, most, step)));
        all.add(least.add(step));
        all.add(lastStep(least, most, step).subtract(step));
        if (ask.start() != null) {
            all.add(ask.start());
        }
        for (BigDecimal threshold : thresholds(ask, card)) {
            BigDecimal near = onStep(threshold, least, step);
            all.addAll(List.of(near.subtract(step), near, near.add(step)));
        }
        for (int i = 1; i < PARTS; i++) {
            BigDecimal part = most.subtract(least)
                    .multiply(BigDecimal.valueOf(i))
                    .divide(BigDecimal.valueOf(PARTS), 6, RoundingMode.HALF_UP);
            all.add(onStep(least.add(part), least, step));
        }
        return all.stream()
                .filter(value -> value.compareTo(least) >= 0 && value.compareTo(most) <= 0)
                .map(Decimals::normal)
                .distinct()
                .map(value -> (Answer) new Answer.Number(value, null))
                .toList();
    }

    /** Grid edges, and the thresholds of breaks where the measurement itself is the amount, in its own unit. */
    private static List<BigDecimal> thresholds(Measurement ask, RateCard card) {
        List<BigDecimal> found = new ArrayList<>();
        for (Case one : card.cases().all()) {
            if (one.piece() instanceof PiecePrice.Grid grid) {
                if (grid.columnsBy().equals(ask.name())) {
                    grid.columns()
                            .forEach(edge -> found.add(
                                    ask.unit().fromBase(grid.columnUnit().toBase(edge))));
                }
                if (grid.rowsBy().equals(ask.name())) {
                    grid.rows()
                            .forEach(edge ->
                                    found.add(ask.unit().fromBase(grid.rowUnit().toBase(edge))));
                }
            } else if (one.piece() instanceof PiecePrice.Rate rate && rate.breaks() != null) {
                rate.breaks()
                        .rows()
                        .forEach(
                                row -> found.add(ask.unit().fromBase(rate.unit().toBase(row.from()))));
            }
        }
        Ladder ladder = card.ladder();
        if (ladder != null && ladder.counts() == Counts.AMOUNT && ladder.unit() != null) {
            ladder.rows()
                    .forEach(row -> found.add(ask.unit().fromBase(ladder.unit().toBase(row.from()))));
        }
        return found;
    }

    private static BigDecimal onStep(BigDecimal value, BigDecimal origin, BigDecimal step) {
        return origin.add(
                value.subtract(origin).divide(step, 0, RoundingMode.HALF_UP).multiply(step));
    }

    private static BigDecimal lastStep(BigDecimal least, BigDecimal most, BigDecimal step) {
        return least.add(
                most.subtract(least).divide(step, 0, RoundingMode.FLOOR).multiply(step));
    }
}
