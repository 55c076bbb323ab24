package dev.steelyard.core.curve;

import dev.steelyard.core.curve.PieceCurve.Stretch;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.number.Money;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;

/**
 * Quantities just below a threshold that cost more in total than the threshold itself.
 *
 * @param first the smallest of them in the stretch before the threshold
 * @param last the largest, the threshold less one
 * @param threshold where the larger order costs less
 * @param by the break at the threshold
 */
public record Cliff(int first, Money firstTotal, int last, Money lastTotal, int threshold, Money total, Break by) {

    /** The cliffs of a curve, by threshold. */
    public static List<Cliff> of(PieceCurve curve) {
        List<Cliff> found = new ArrayList<>();
        List<Stretch> stretches = curve.stretches();
        for (int i = 1; i < stretches.size(); i++) {
            Stretch before = stretches.get(i - 1);
            int threshold = stretches.get(i).from();
            Money total = curve.total(threshold);
            if (curve.total(before.last()).compareTo(total) > 0) {
                int first = smallestDearer(curve, before, total);
                found.add(new Cliff(
                        first,
                        curve.total(first),
                        before.last(),
                        curve.total(before.last()),
                        threshold,
                        total,
                        Objects.requireNonNull(stretches.get(i).by())));
            }
        }
        return List.copyOf(found);
    }

    /** Within one stretch the total never falls, so the smallest can be found by halving. */
    private static int smallestDearer(PieceCurve curve, Stretch stretch, Money than) {
        int low = stretch.from();
        int high = stretch.last();
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (curve.total(middle).compareTo(than) > 0) {
                high = middle;
            } else {
                low = middle + 1;
            }
        }
        return low;
    }
}
