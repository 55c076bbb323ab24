package dev.steelyard.web.base.picture;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;

/**
 * The beam's scale of what a ladder counts: logarithmic where it spans decades, else even. Pixels only; no price passes
 * through here.
 *
 * @param start the first value on it, more than 0
 * @param end the last value on it
 * @param logarithmic whether equal distances are equal factors
 */
public record BeamAxis(double start, double end, boolean logarithmic) {

    public static final int LEFT = 74;
    public static final int RIGHT = 640;
    private static final int EVEN_UP_TO = 15;
    private static final int SHORTEST = 10;
    private static final double ROOM = 2.4;
    private static final double NEARLY = 1e-9;

    /** An axis of pieces, from 1 on, with some room after the last threshold. */
    public static BeamAxis reaching(int last) {
        return ending((int) Math.min(last * ROOM, Integer.MAX_VALUE));
    }

    /** An axis of pieces with its end. */
    public static BeamAxis ending(int end) {
        return new BeamAxis(1, Math.max(SHORTEST, end), end > EVEN_UP_TO);
    }

    /** An axis of an amount, from near its smallest to beyond its last threshold. */
    public static BeamAxis ofAmount(double smallest, double last) {
        double end = Math.max(last * ROOM, smallest * SHORTEST);
        double start = smallest > 0 ? Math.pow(10, Math.floor(Math.log10(smallest) + NEARLY)) : end / 1000;
        return new BeamAxis(Math.max(start, end / 10_000), end, true);
    }

    /** Where a value is, in pixels from the left of the picture. */
    public double at(double value) {
        double share = logarithmic
                ? Math.log(Math.max(value, start) / start) / Math.log(end / start)
                : (value - start) / (end - start);
        return Pixels.tenth(LEFT + Math.max(0, Math.min(1, share)) * (RIGHT - LEFT));
    }

    /** The value at a share of the axis, from 0 to 1. */
    public double value(double share) {
        return logarithmic ? start * Math.pow(end / start, share) : start + share * (end - start);
    }

    /** The notches: named ones at 1, 2, 5 and their tens, small ones between. */
    public List<Notch> notches() {
        List<Notch> notches = new ArrayList<>();
        if (!logarithmic) {
            for (int value = (int) Math.ceil(start); value <= end; value++) {
                notches.add(new Notch(at(value), "" + value, end <= EVEN_UP_TO || value % 2 == 0));
            }
            return notches;
        }
        for (double decade = Math.pow(10, Math.floor(Math.log10(start) + NEARLY)); decade <= end; decade *= 10) {
            for (int digit = 1; digit < 10 && decade * digit <= end; digit++) {
                double value = decade * digit;
                if (value >= start - NEARLY) {
                    boolean named = digit == 1 || digit == 2 || digit == 5;
                    String label = BigDecimal.valueOf(Math.round(value * 1e6))
                            .movePointLeft(6)
                            .stripTrailingZeros()
                            .toPlainString();
                    notches.add(new Notch(at(value), label, named));
                }
            }
        }
        return notches;
    }

    /** A mark on the arm. */
    public record Notch(double x, String label, boolean named) {}
}
