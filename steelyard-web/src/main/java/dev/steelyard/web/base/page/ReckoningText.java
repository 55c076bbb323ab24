package dev.steelyard.web.base.page;

import dev.steelyard.core.reckoning.Reckoning;
import dev.steelyard.core.reckoning.Step.Point;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A reckoning as pages show it and orders keep it: words and figures, nothing left to work out. */
public final class ReckoningText {

    private ReckoningText() {}

    /**
     * One step.
     *
     * @param rounding what was rounded to what, in words; none where nothing was
     */
    public record Line(String label, String detail, String result, @Nullable String rounding) {}

    /** The steps in order. */
    public static List<Line> of(Reckoning reckoning) {
        return reckoning.steps().stream()
                .map(step -> new Line(step.label(), step.detail(), Show.figure(step.result()), rounding(step.point())))
                .toList();
    }

    /** The cards passed over, each with its reason. */
    public static List<String> passedOver(Reckoning reckoning) {
        return reckoning.passedOver().stream()
                .map(passed -> passed.card() + ", " + passed.reason())
                .toList();
    }

    private static @Nullable String rounding(@Nullable Point point) {
        if (point == null) {
            return null;
        }
        return switch (point) {
            case R1 -> "rounded up to the rounding step";
            case R2 -> "rounded to the decimals of a piece’s price";
            case R3 -> "rounded to the smallest coin";
        };
    }
}
