package dev.steelyard.core.pricing;

import dev.steelyard.core.number.Rounding;
import dev.steelyard.core.pricing.Reckoning.PassedOver;
import dev.steelyard.core.pricing.Reckoning.Step;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Collects the steps of one line. */
final class ReckoningWriter {

    private final Rounding rounding;
    private final List<Step> steps = new ArrayList<>();

    ReckoningWriter(Rounding rounding) {
        this.rounding = rounding;
    }

    /** A step that is a price of one piece. */
    void piece(String label, String detail, BigDecimal result, @Nullable String point) {
        steps.add(new Step(label, detail, result, rounding.unitPriceDecimals(), point));
    }

    /** A step that is a sum for the line. */
    void line(String label, String detail, BigDecimal result, @Nullable String point) {
        steps.add(new Step(label, detail, result, rounding.minorDigits(), point));
    }

    Reckoning reckoning(List<PassedOver> passedOver) {
        return new Reckoning(steps, passedOver);
    }
}
