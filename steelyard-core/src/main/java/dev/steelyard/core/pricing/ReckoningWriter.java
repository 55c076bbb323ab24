package dev.steelyard.core.pricing;

import dev.steelyard.core.pricing.Reckoning.PassedOver;
import dev.steelyard.core.pricing.Reckoning.Step;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Collects the steps of one line. */
final class ReckoningWriter {

    private final List<Step> steps = new ArrayList<>();

    void money(String label, String detail, BigDecimal result) {
        rounded(label, detail, result, null);
    }

    void rounded(String label, String detail, BigDecimal result, @Nullable String point) {
        steps.add(new Step(label, detail, result, point));
    }

    Reckoning reckoning(List<PassedOver> passedOver) {
        return new Reckoning(steps, passedOver);
    }
}
