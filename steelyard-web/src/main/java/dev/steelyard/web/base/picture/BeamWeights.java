package dev.steelyard.web.base.picture;

import dev.steelyard.web.base.picture.Beam.Hung;
import dev.steelyard.web.base.picture.Beam.Weight;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Hangs weights under the arm: lower the more they take off, and clear of one another. */
final class BeamWeights {

    static final int HIGHEST = 204;
    static final int BELOW = 44;
    private static final int DEPTH = 46;
    private static final int APART_Y = 36;
    private static final int LETTERS = 5;
    private static final double LETTER = 3.6;
    private static final int HALF = 21;

    private final List<Weight> hung = new ArrayList<>();

    void hang(double x, Hung one) {
        double half = HALF + Math.max(0, one.label().length() - LETTERS) * LETTER;
        double y = HIGHEST + DEPTH * Math.max(0, Math.min(1, one.takesOff()));
        while (isTaken(x, y, half)) {
            y += APART_Y / 2.0;
        }
        hung.add(new Weight(x, y, half, one));
    }

    private boolean isTaken(double x, double y, double half) {
        return hung.stream()
                .anyMatch(other ->
                        Math.abs(other.x() - x) < half + other.half() + 4 && Math.abs(other.y() - y) < APART_Y);
    }

    /** All of them, a group's before everyone's, so that its lines pass behind, then by threshold. */
    List<Weight> all() {
        return hung.stream()
                .sorted(Comparator.comparing((Weight weight) -> !weight.of().ofSecond())
                        .thenComparingDouble(weight -> weight.of().from()))
                .toList();
    }
}
