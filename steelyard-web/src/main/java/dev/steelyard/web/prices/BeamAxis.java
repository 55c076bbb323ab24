package dev.steelyard.web.prices;

import java.util.ArrayList;
import java.util.List;

/**
 * The beam's scale of pieces, from 1 on: logarithmic where it spans decades, else even. Pixels only; no price passes
 * through here.
 *
 * @param end the last quantity on it
 * @param logarithmic whether equal distances are equal factors
 */
record BeamAxis(int end, boolean logarithmic) {

    static final int LEFT = 74;
    static final int RIGHT = 640;
    private static final int EVEN_UP_TO = 15;
    private static final int SHORTEST = 10;
    private static final double ROOM = 2.4;

    /** An axis with some room after the last threshold. */
    static BeamAxis reaching(int last) {
        int end = Math.max(SHORTEST, (int) Math.min(last * ROOM, Integer.MAX_VALUE));
        return ending(end);
    }

    static BeamAxis ending(int end) {
        return new BeamAxis(Math.max(SHORTEST, end), end > EVEN_UP_TO);
    }

    /** Where a quantity is, in pixels from the left of the picture. */
    double at(int quantity) {
        double share = logarithmic ? Math.log(quantity) / Math.log(end) : (quantity - 1.0) / (end - 1.0);
        return Pixels.tenth(LEFT + Math.min(1, share) * (RIGHT - LEFT));
    }

    /** The notches: named ones at 1, 2, 5 and their tens, small ones between. */
    List<Notch> notches() {
        List<Notch> notches = new ArrayList<>();
        if (!logarithmic) {
            for (int quantity = 1; quantity <= end; quantity++) {
                notches.add(new Notch(at(quantity), quantity, end <= EVEN_UP_TO || quantity % 2 == 0));
            }
            return notches;
        }
        for (long decade = 1; decade <= end; decade *= 10) {
            for (int digit = 1; digit < 10 && decade * digit <= end; digit++) {
                int quantity = (int) (decade * digit);
                notches.add(new Notch(at(quantity), quantity, digit == 1 || digit == 2 || digit == 5));
            }
        }
        return notches;
    }

    /** A mark on the arm. */
    record Notch(double x, int quantity, boolean named) {}
}
