package dev.steelyard.web.sold.lines;

import java.util.Arrays;

/**
 * A column of numbers that only grows. One thread writes; others read what had been written when they were told how far it
 * goes, since what was written is never changed.
 */
final class Numbers {

    private static final int FIRST = 1024;

    private volatile long[] values = new long[FIRST];

    long at(int place) {
        return values[place];
    }

    void put(int place, long value) {
        long[] now = values;
        if (place == now.length) {
            now = Arrays.copyOf(now, now.length * 2);
            values = now;
        }
        now[place] = value;
    }
}
