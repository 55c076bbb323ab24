package dev.steelyard.core.tax;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.number.Money;
import dev.steelyard.core.number.Rounding;
import dev.steelyard.core.tax.Tax.OfRate;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

class TaxTest {

    private static final Rounding EURO = new Rounding(2, 2);

    private static TaxRules rules(boolean included, boolean perLine) {
        return new TaxRules(included, Map.of(), perLine, Set.of("Boatyard"));
    }

    private static List<Money> money(String... sums) {
        return List.of(sums).stream()
                .map(sum -> EURO.lineTotal(new BigDecimal(sum)))
                .toList();
    }

    @Test
    void perLineAndPerRateMayDifferByCents() {
        List<Money> lines = money("0.99", "0.99", "0.99");
        List<BigDecimal> rates = List.of(BigDecimal.valueOf(7), new BigDecimal("7.0"), BigDecimal.valueOf(7));
        assertThat(Tax.of(rules(false, true), lines, rates, EURO).sum()).isEqualByComparingTo("0.21");
        Tax perRate = Tax.of(rules(false, false), lines, rates, EURO);
        assertThat(perRate.rates())
                .as("7 and 7.0 are one rate")
                .singleElement()
                .extracting(OfRate::of)
                .hasToString("2.97");
        assertThat(perRate.toPay(money("2.97").get(0))).isEqualByComparingTo("3.18");
    }

    @Test
    void whatIsIncludedIsNotPaidTwice() {
        List<Money> lines = money("119.00");
        Tax tax = Tax.of(rules(true, false), lines, List.of(BigDecimal.valueOf(19)), EURO);
        assertThat(tax.sum()).isEqualByComparingTo("19.00");
        assertThat(tax.toPay(lines.get(0))).isEqualByComparingTo("119.00");
        assertThat(tax.lines()).hasToString("[19.00]");
    }

    @Test
    void nothingIsTaxedAtZero() {
        Tax tax = Tax.of(rules(false, false), money("10.00"), List.of(BigDecimal.ZERO), EURO);
        assertThat(tax.rates())
                .containsExactly(new OfRate(
                        BigDecimal.ZERO, money("10.00").get(0), money("0").get(0)));
    }

    @Test
    void someGroupsSeePricesWithoutIt() {
        assertThat(rules(true, false).seesWithout("Boatyard")).isTrue();
        assertThat(rules(true, false).seesWithout("Crew club")).isFalse();
        assertThat(rules(true, false).seesWithout(null)).isFalse();
    }
}
