package dev.steelyard.web.base.picture;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The picture of a ladder: the arm with its notches, a hanging weight for each break, the price over it, the trial riding
 * along. All places in pixels of the picture.
 *
 * @param second the name of the second group drawn; none where there is none
 * @param end where the beam's axis ends, in what the ladder counts
 * @param whole whether only whole numbers are on it
 * @param pricePerPixel how much a weight's value changes when it is dragged up or down by one pixel
 * @param upward whether dragging up makes the value larger
 * @param numbers the same numbers for a table; empty where the breaks beside it are that table
 * @param riderField the id of the field that the rider moves; empty for none
 */
public record Beam(
        int width,
        int height,
        boolean logarithmic,
        double start,
        double end,
        boolean whole,
        String pricePerPixel,
        boolean upward,
        int decimals,
        String says,
        List<BeamAxis.Notch> notches,
        List<Level> levels,
        List<Run> runs,
        List<Zone> zones,
        List<Weight> weights,
        @Nullable Rider rider,
        String riderField,
        @Nullable String second,
        List<Row> numbers) {

    /** A line of the table of the same numbers. */
    public record Row(String at, String each, String total) {}

    /** A line across at a round price. */
    public record Level(double y, String price) {}

    /** A stretch of prices as a line, with its closed start, and where the price falls or leaps to it. */
    public record Run(
            double x1, double x2, double y, String points, boolean ofSecond, boolean thin, @Nullable Double from) {}

    /** Where a smaller order costs more than a larger one. */
    public record Zone(double x, double width, String says) {}

    /** A break, hanging; it says which fields hold its threshold and its value. */
    public record Weight(double x, double y, double half, Hung of) {

        public String id() {
            return of.id();
        }
    }

    /**
     * A break to be hung.
     *
     * @param from its threshold
     * @param takesOff how low it hangs, from 0 to 1
     * @param label what stands on it
     * @param id of its element
     * @param fromField the id of the field with its threshold
     * @param valueField the id of the field with its value
     */
    public record Hung(
            double from,
            double takesOff,
            String label,
            boolean ofSecond,
            String says,
            String id,
            String fromField,
            String valueField) {}

    /** The trial on the curve. */
    public record Rider(double x, double y, double labelX, String at, String says) {}
}
