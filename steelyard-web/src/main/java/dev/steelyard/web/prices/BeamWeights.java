package dev.steelyard.web.prices;

import dev.steelyard.core.curve.PieceCurve.Stretch;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.number.Money;
import dev.steelyard.web.prices.Beam.Weight;
import dev.steelyard.web.prices.PriceReader.Cell;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.DoubleStream;

/** Hangs weights under the arm: lower the more they take off, and clear of one another. */
final class BeamWeights {

    static final int HIGHEST = 204;
    static final int BELOW = 44;
    private static final int DEPTH = 46;
    private static final int APART_X = 46;
    private static final int APART_Y = 36;

    private final double dearest;
    private final double range;
    private final List<Weight> hung = new ArrayList<>();

    BeamWeights(List<Stretch> everyone) {
        this.dearest = prices(everyone).max().orElse(0);
        double cheapest = prices(everyone).min().orElse(0);
        this.range = dearest > cheapest ? dearest - cheapest : 1;
    }

    private static DoubleStream prices(List<Stretch> stretches) {
        return stretches.stream()
                .mapToDouble(stretch -> stretch.perPiece().value().doubleValue());
    }

    void hang(double x, Cell cell, Break by, Money perPiece, String price) {
        double share = (dearest - perPiece.value().doubleValue()) / range;
        double y = HIGHEST + DEPTH * Math.max(0, Math.min(1, share));
        while (isTaken(x, y)) {
            y += APART_Y / 2.0;
        }
        String who = by.group() == null ? "" : by.group() + ", ";
        hung.add(new Weight(
                x,
                y,
                cell.row(),
                cell.groupId(),
                by.pieces(),
                price,
                by.group() != null,
                who + "from " + by.pieces() + " pieces: " + price));
    }

    private boolean isTaken(double x, double y) {
        return hung.stream().anyMatch(other -> Math.abs(other.x() - x) < APART_X && Math.abs(other.y() - y) < APART_Y);
    }

    /** All of them, a group's before everyone's, so that its lines pass behind, then by threshold. */
    List<Weight> all() {
        return hung.stream()
                .sorted(Comparator.comparing((Weight weight) -> !weight.ofSecond())
                        .thenComparingInt(Weight::from))
                .toList();
    }
}
