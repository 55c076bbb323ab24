package dev.steelyard.web.sold.lines;

import java.util.Arrays;
import org.jspecify.annotations.Nullable;

/** Adds lines up by numbers from 0. */
final class SumsByKey {

    private static final int FIRST = 64;

    private @Nullable SoldSum[] sums = new SoldSum[FIRST];

    void add(int key, SoldView of, int line) {
        if (key >= sums.length) {
            sums = Arrays.copyOf(sums, Math.max(key + 1, sums.length * 2));
        }
        SoldSum sum = sums[key];
        if (sum == null) {
            sum = new SoldSum();
            sums[key] = sum;
        }
        sum.add(of, line);
    }

    /** Takes a sum that has lines. */
    interface Taking {
        void sum(int key, SoldSum sum);
    }

    void each(Taking to) {
        for (int key = 0; key < sums.length; key++) {
            SoldSum sum = sums[key];
            if (sum != null) {
                to.sum(key, sum);
            }
        }
    }
}
