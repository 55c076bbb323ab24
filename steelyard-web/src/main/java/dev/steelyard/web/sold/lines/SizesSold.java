package dev.steelyard.web.sold.lines;

import java.util.Arrays;

/**
 * Sizes and how many lines had each, in columns as long as each other. A size may stand more than once.
 *
 * @param across in millionths of the measurement's unit
 * @param down likewise
 */
@SuppressWarnings("ArrayRecordComponent") // columns are read a million times, and compared never
public record SizesSold(long[] across, long[] down, int[] lines) {

    /** What a unit is divided in. */
    public static final int DECIMALS = SoldLines.FINE;

    /** Those that were sold and are numbers both ways. */
    static SizesSold of(int[] times, long[] across, long[] down) {
        long[] x = new long[times.length];
        long[] y = new long[times.length];
        int[] lines = new int[times.length];
        int sizes = 0;
        for (int i = 0; i < times.length; i++) {
            if (times[i] > 0 && across[i] != NumbersTyped.NONE && down[i] != NumbersTyped.NONE) {
                x[sizes] = across[i];
                y[sizes] = down[i];
                lines[sizes++] = times[i];
            }
        }
        return new SizesSold(Arrays.copyOf(x, sizes), Arrays.copyOf(y, sizes), Arrays.copyOf(lines, sizes));
    }
}
