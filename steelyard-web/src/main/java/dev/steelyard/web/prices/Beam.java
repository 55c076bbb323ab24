package dev.steelyard.web.prices;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The picture of a ladder: the arm with its notches, a hanging weight for each break, the price of a piece over it, the
 * trial riding along. All places in pixels of the picture.
 *
 * @param second the name of the second group drawn; none where there is none
 * @param armEnd where the beam's axis ends, in pieces
 * @param pricePerPixel how much a weight's price changes when it is dragged up or down by one pixel
 */
record Beam(
        int width,
        int height,
        boolean logarithmic,
        int armEnd,
        String pricePerPixel,
        int decimals,
        List<BeamAxis.Notch> notches,
        List<Level> levels,
        List<Run> runs,
        List<Zone> zones,
        List<Weight> weights,
        @Nullable Rider rider,
        @Nullable String second) {

    /** A line across at a round price. */
    record Level(double y, String price) {}

    /** A stretch of one price, with its closed start. */
    record Run(double x1, double x2, double y, boolean ofSecond, @Nullable Double from) {}

    /** Where a smaller order costs more than a larger one. */
    record Zone(double x, double width, String says) {}

    /** A break, hanging. Row and group say which cell of the table it is. */
    record Weight(double x, double y, int row, long group, int from, String price, boolean ofSecond, String says) {}

    /** The trial on the curve. */
    record Rider(double x, double y, double labelX, int quantity, String says) {}
}
