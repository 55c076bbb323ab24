package dev.steelyard.web.base.picture;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * A piece drawn to scale, with dimension lines as on a workshop drawing and the largest one that is sold as a faint
 * outline. All places in pixels.
 *
 * @param says what is drawn, for those who do not see it
 * @param height of the picture, as much as is drawn
 */
@Schema(name = "Drawing")
public record PieceDrawing(String says, int height, List<Shape> shapes, List<Label> labels) {

    public static final int WIDTH = 300;
    private static final double ROOM_X = 212;
    private static final double ROOM_Y = 96;
    private static final double LEFT = 44;
    private static final double TOP = 10;
    private static final double GAP = 14;
    private static final double SLANT = 0.5;
    private static final double THINNEST = 3;

    /** A path and the class that says what it is: piece, limit, edge, dimension. */
    public record Shape(String path, String kind) {}

    /** Words at a place; turned by a quarter where they stand along a side. */
    public record Label(double x, double y, boolean turned, String text) {}

    /**
     * A side of the piece.
     *
     * @param size in metres
     * @param most the largest that is sold, in metres; the size itself where there is no limit
     * @param words “523 cm”
     */
    public record Side(double size, double most, String words) {

        Side(double size, String words) {
            this(size, size, words);
        }
    }

    /** Length and width, seen from above. */
    public static PieceDrawing rectangle(String says, Side across, Side down) {
        Canvas canvas = new Canvas(says);
        double scale = canvas.scale(Math.max(across.size(), across.most()), Math.max(down.size(), down.most()));
        double w = Math.max(THINNEST, across.size() * scale);
        double h = Math.max(THINNEST, down.size() * scale);
        double left = Math.max(LEFT, (WIDTH - across.most() * scale) / 2);
        canvas.rect(left, TOP, across.most() * scale, down.most() * scale, "limit");
        canvas.rect(left, TOP, w, h, "piece");
        canvas.across(left, left + w, TOP + h + GAP, across.words());
        canvas.down(TOP, TOP + h, left - GAP, down.words());
        return canvas.drawing();
    }

    /** Length, width and height, seen from a corner. */
    public static PieceDrawing box(String says, Side across, Side deep, Side high) {
        Canvas canvas = new Canvas(says);
        double scale = canvas.scale(across.size() + deep.size() * SLANT, high.size() + deep.size() * SLANT);
        double w = Math.max(THINNEST, across.size() * scale);
        double h = Math.max(THINNEST, high.size() * scale);
        double d = Math.max(THINNEST, deep.size() * scale * SLANT);
        double top = TOP + d;
        canvas.rect(LEFT, top, w, h, "piece");
        canvas.path(Canvas.line("M%.1f %.1f l%.1f %.1f h%.1f l%.1f %.1f z", LEFT, top, d, -d, w, -d, d), "edge");
        canvas.path(Canvas.line("M%.1f %.1f l%.1f %.1f v%.1f l%.1f %.1f z", LEFT + w, top, d, -d, h, -d, d), "edge");
        canvas.across(LEFT, LEFT + w, top + h + GAP, across.words());
        canvas.down(top, top + h, LEFT - GAP, high.words());
        canvas.label(LEFT + w + d / 2 + 34, top + h - d / 2 + 14, false, deep.words());
        return canvas.drawing();
    }

    /** A length, with its thickness where there is one. */
    public static PieceDrawing bar(String says, Side length, Side thick) {
        Canvas canvas = new Canvas(says);
        double longest = Math.max(length.size(), length.most());
        double w = Math.max(THINNEST, length.size() / longest * ROOM_X);
        double h = Math.max(8, Math.min(40, thick.size() / Math.max(length.size(), 1e-9) * w));
        double top = TOP + 24;
        canvas.rect(LEFT, top, ROOM_X, h, "limit");
        canvas.rect(LEFT, top, w, h, "piece");
        canvas.across(LEFT, LEFT + w, top + h + GAP, length.words());
        if (!thick.words().isEmpty()) {
            canvas.down(top, top + h, LEFT - GAP, thick.words());
        }
        return canvas.drawing();
    }

    /** A diameter, with the length of a round bar where there is one. */
    public static PieceDrawing round(String says, Side diameter, Side length) {
        Canvas canvas = new Canvas(says);
        if (length.words().isEmpty()) {
            double r = Math.max(THINNEST, diameter.size() / Math.max(diameter.size(), diameter.most()) * ROOM_Y / 2);
            double middle = LEFT + ROOM_X / 2;
            canvas.circle(middle, TOP + ROOM_Y / 2, ROOM_Y / 2, "limit");
            canvas.circle(middle, TOP + ROOM_Y / 2, r, "piece");
            canvas.across(middle - r, middle + r, TOP + ROOM_Y / 2 + r + GAP, diameter.words());
            return canvas.drawing();
        }
        double scale = canvas.scale(length.size(), diameter.size() * 1.5);
        double w = Math.max(THINNEST, length.size() * scale);
        double h = Math.max(10, diameter.size() * scale);
        double bow = Math.min(h / 4, 14);
        double top = TOP + 10;
        canvas.path(
                Canvas.line("M%.1f %.1f h%.1f a%.1f %.1f 0 0 1 0 %.1f h%.1f z", LEFT, top, w, bow, h / 2, h, -w),
                "piece");
        canvas.path(
                Canvas.line(
                        "M%.1f %.1f a%.1f %.1f 0 1 0 0 %.1f a%.1f %.1f 0 1 0 0 %.1f z",
                        LEFT, top, bow, h / 2, h, bow, h / 2, -h),
                "edge");
        canvas.across(LEFT, LEFT + w, top + h + GAP, length.words());
        canvas.down(top, top + h, LEFT - GAP - bow, diameter.words());
        return canvas.drawing();
    }

    /** A length off a roll, with the roll's width where there is one: its words say that it is the width. */
    public static PieceDrawing roll(String says, Side length, Side wide) {
        Canvas canvas = new Canvas(says);
        double w = Math.max(THINNEST, length.size() / Math.max(length.size(), length.most()) * (ROOM_X - 50));
        double h = wide.words().isEmpty() ? 30 : 54;
        double top = TOP + 14;
        canvas.rect(LEFT + 40, top + h - 8, ROOM_X - 50, 8, "limit");
        canvas.path(Canvas.line("M%.1f %.1f h%.1f v8 h%.1f z", LEFT + 40, top + h - 8, w, -w), "piece");
        for (double r = h / 2; r > 4; r -= 6) {
            canvas.circle(LEFT + 40, top + h / 2, r, r == h / 2 ? "piece" : "edge");
        }
        canvas.across(LEFT + 40, LEFT + 40 + w, top + h + GAP, length.words());
        if (!wide.words().isEmpty()) {
            canvas.label(LEFT + 10, top + h + GAP + 18, false, wide.words());
        }
        return canvas.drawing();
    }

    /** Collects paths. */
    private static final class Canvas {

        private final String says;
        private final List<Shape> shapes = new ArrayList<>();
        private final List<Label> labels = new ArrayList<>();
        private double lowest;

        Canvas(String says) {
            this.says = says;
        }

        double scale(double width, double height) {
            return Math.min(ROOM_X / Math.max(width, 1e-9), ROOM_Y / Math.max(height, 1e-9));
        }

        static String line(String format, Object... numbers) {
            return String.format(Locale.ROOT, format, numbers);
        }

        void path(String path, String kind) {
            shapes.add(new Shape(path, kind));
        }

        void rect(double x, double y, double w, double h, String kind) {
            lowest = Math.max(lowest, y + h);
            path(line("M%.1f %.1f h%.1f v%.1f h%.1f z", x, y, w, h, -w), kind);
        }

        void circle(double x, double y, double r, String kind) {
            path(
                    line(
                            "M%.1f %.1f a%.1f %.1f 0 1 0 %.1f 0 a%.1f %.1f 0 1 0 %.1f 0 z",
                            x - r, y, r, r, 2 * r, r, r, -2 * r),
                    kind);
        }

        void across(double x1, double x2, double y, String words) {
            path(line("M%.1f %.1f v8 m0 -4 H%.1f m0 -4 v8", x1, y - 4, x2), "dimension");
            label((x1 + x2) / 2, y + 16, false, words);
        }

        void down(double y1, double y2, double x, String words) {
            path(line("M%.1f %.1f h8 m-4 0 V%.1f m-4 0 h8", x - 4, y1, y2), "dimension");
            label(x - 6, (y1 + y2) / 2, true, words);
        }

        void label(double x, double y, boolean turned, String text) {
            lowest = Math.max(lowest, y);
            labels.add(new Label(Pixels.tenth(x), Pixels.tenth(y), turned, text));
        }

        PieceDrawing drawing() {
            return new PieceDrawing(says, (int) lowest + 8, List.copyOf(shapes), List.copyOf(labels));
        }
    }
}
