package dev.steelyard.core.tax;

import java.math.BigDecimal;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * How a shop's prices stand to tax.
 *
 * @param pricesInclude whether prices, charges and thresholds are with tax; else it is added
 * @param rates in percent, by ISO 3166 country code and tax class
 * @param perLine whether tax is rounded line by line; else per rate over the basket
 * @param shownWithout groups that see prices without tax
 */
public record TaxRules(
        boolean pricesInclude, Map<String, Map<String, BigDecimal>> rates, boolean perLine, Set<String> shownWithout) {

    public TaxRules {
        rates = rates.entrySet().stream()
                .collect(Collectors.toUnmodifiableMap(Map.Entry::getKey, entry -> Map.copyOf(entry.getValue())));
        shownWithout = Set.copyOf(shownWithout);
    }

    /** The rate of a class in a country, in percent; none where there is none. */
    public @Nullable BigDecimal rate(@Nullable String country, String taxClass) {
        return country == null ? null : rates.getOrDefault(country, Map.of()).get(taxClass);
    }

    /** Whether a customer of a group sees prices without tax; no group sees them as they are. */
    public boolean seesWithout(@Nullable String group) {
        return group != null && shownWithout.contains(group);
    }
}
