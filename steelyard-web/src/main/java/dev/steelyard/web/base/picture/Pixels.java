package dev.steelyard.web.base.picture;

/** Places in a picture. */
final class Pixels {

    private Pixels() {}

    /** To a tenth of a pixel, which is all that can be seen. */
    static double tenth(double place) {
        return Math.round(place * 10) / 10.0;
    }
}
