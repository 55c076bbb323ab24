package dev.steelyard.web.sold.lines;

import java.util.Arrays;

/**
 * A column of numbers that only grows. One thread writes; others read the array they were handed as far as it went then,
 * since what was written is never changed.
 */
final class Numbers {

    private static final int FIRST = 1024;

    private long[] values = new long[FIRST];

    void put(int place, long value) {
        if (place == values.length) {
            values = Arrays.copyOf(values, values.length * 2);
        }
        values[place] = value;
    }

    long last(int count) {
        return values[count - 1];
    }

    /** As they are now, to be read as far as they go now. */
    long[] now() {
        return values;
    }
}
