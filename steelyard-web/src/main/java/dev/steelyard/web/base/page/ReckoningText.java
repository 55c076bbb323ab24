package dev.steelyard.web.base.page;

import dev.steelyard.core.card.ShopPage;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.reckoning.Reckoning;
import dev.steelyard.core.reckoning.Step;
import dev.steelyard.core.reckoning.Step.Point;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.function.Function;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** A reckoning as pages show it and orders keep it: words and figures, nothing left to work out. */
public final class ReckoningText {

    private static final int MOST_DECIMALS = 4;
    private static final int SHORT = 2;
    private static final Pattern MONEY = Pattern.compile("\\d\\.\\d\\d");
    private static final Pattern LONG_NUMBER = Pattern.compile("\\d+\\.\\d{5,}");

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

    /**
     * The steps as shoppers read them: without formulas, with at most four decimals.
     *
     * @param how much of them
     * @param seen money as they see it; where that is not as it is, sentences with money in them are left out
     */
    public static List<Line> forShoppers(
            Reckoning reckoning, ShopPage.Reckoning how, Function<Step.Figure, Step.Figure> seen) {
        List<Step> steps = reckoning.steps();
        int first =
                switch (how) {
                    case SHOWN -> 0;
                    case SHORT -> Math.max(0, steps.size() - SHORT);
                    case NONE -> steps.size();
                };
        return steps.subList(first, steps.size()).stream()
                .map(step -> line(step, seen))
                .toList();
    }

    private static Line line(Step step, Function<Step.Figure, Step.Figure> seen) {
        Step.Figure figure = step.result().unit() == null ? seen.apply(step.result()) : step.result();
        boolean asItIs = figure.value().compareTo(step.result().value()) == 0;
        String words = asItIs || !MONEY.matcher(step.told()).find() ? shortened(step.told()) : "";
        return new Line(step.label(), words, shown(figure), null);
    }

    private static String shown(Step.Figure figure) {
        BigDecimal value = figure.value();
        return Show.figure(
                value.scale() <= MOST_DECIMALS
                        ? figure
                        : new Step.Figure(
                                value.setScale(MOST_DECIMALS, RoundingMode.HALF_UP), figure.decimals(), figure.unit()));
    }

    private static String shortened(String words) {
        return LONG_NUMBER
                .matcher(words)
                .replaceAll(number -> Decimals.plain(
                        new BigDecimal(number.group()).setScale(MOST_DECIMALS, RoundingMode.HALF_UP), 0));
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
