package dev.steelyard.core.finding;

import dev.steelyard.core.finding.Finding.Code;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.core.reckoning.Wanted;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.FindingSays;
import dev.steelyard.core.said.Part;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;

/** Holds kept trials against what they must come to. */
final class CheckWeights {

    private CheckWeights() {}

    static List<Finding> of(PreparedCard card, List<CheckWeight> kept, ShopRules rules) {
        List<Finding> found = new ArrayList<>();
        for (CheckWeight weight : kept) {
            Probe probe = Probe.of(card, weight.asked(), rules, Wanted.ALWAYS);
            Money is = probe.line() == null ? null : probe.line().total();
            BigDecimal was = weight.line();
            boolean same = was == null ? is == null : is != null && is.value().compareTo(was) == 0;
            if (!same) {
                found.add(Finding.analysed(
                        Code.CHECK_WEIGHT,
                        "",
                        Fact.of(
                                FindingSays.CHECK_WEIGHT,
                                Part.name(weight.name()),
                                was == null ? Part.NONE : Part.money(was),
                                is == null ? Part.NONE : Part.money(is),
                                is == null
                                        ? Part.of(Objects.requireNonNull(probe.fault())
                                                .what())
                                        : Part.NONE),
                        null));
            }
        }
        return found;
    }
}
