package dev.steelyard.web.base.page;

import com.fasterxml.jackson.annotation.JsonInclude;
import dev.steelyard.core.card.ShopPage;
import dev.steelyard.core.reckoning.Reckoning;
import dev.steelyard.core.reckoning.Step;
import dev.steelyard.core.said.Fact;
import dev.steelyard.words.Words;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** A reckoning as pages show it and orders keep it: words and figures, nothing left to work out. */
public final class ReckoningText {

    private static final int SHORT = 2;

    private ReckoningText() {}

    /**
     * One step.
     *
     * @param rounding what was rounded to what, in words; none where nothing was
     */
    @Schema(name = "ReckoningLine")
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record Line(String label, String detail, String result, @Nullable String rounding) {}

    /** The steps in order. */
    public static List<Line> of(Reckoning reckoning, Words words) {
        return reckoning.steps().stream()
                .map(step -> new Line(
                        words.say(step.what()),
                        words.say(step.how()),
                        words.figure(step.result()),
                        step.point() == null ? null : words.say(step.point().said())))
                .toList();
    }

    /**
     * The steps as shoppers read them: without formulas, with at most four decimals.
     *
     * @param how much of them
     * @param words of their language
     * @param seen money as they see it; where that is not as it is, sentences with money in them are left out
     */
    public static List<Line> forShoppers(
            Reckoning reckoning, ShopPage.Reckoning how, Words words, Function<Step.Figure, Step.Figure> seen) {
        List<Step> steps = reckoning.steps();
        int first =
                switch (how) {
                    case SHOWN -> 0;
                    case SHORT -> Math.max(0, steps.size() - SHORT);
                    case NONE -> steps.size();
                };
        return steps.subList(first, steps.size()).stream()
                .map(step -> line(step, words, seen))
                .toList();
    }

    private static Line line(Step step, Words words, Function<Step.Figure, Step.Figure> seen) {
        Step.Figure figure = step.result().unit() == null ? seen.apply(step.result()) : step.result();
        boolean asItIs = figure.value().compareTo(step.result().value()) == 0;
        Fact how = step.how();
        boolean told = how != null && (asItIs || !how.tellsMoney());
        return new Line(words.say(step.what()), told ? words.say(how) : "", words.figure(figure), null);
    }

    /** The cards passed over, each with its reason. */
    public static List<String> passedOver(Reckoning reckoning, Words words) {
        return reckoning.passedOver().stream()
                .map(passed -> passed.card() + ", " + words.say(passed.reason()))
                .toList();
    }
}
