package dev.steelyard.core.tax;

import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.number.Rounding;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * The tax of a basket.
 *
 * @param included whether the prices contain it; else it comes on top
 * @param rates one for each rate of the basket, the smallest first
 * @param lines each line's own tax, rounded by R5, in the order of the lines: for show where tax is rounded per rate
 */
public record Tax(boolean included, List<OfRate> rates, List<Money> lines) {

    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

    public Tax {
        rates = List.copyOf(rates);
        lines = List.copyOf(lines);
    }

    /**
     * What falls on one rate.
     *
     * @param rate in percent
     * @param of what the lines of this rate come to, with or without tax as the shop's prices are
     */
    public record OfRate(BigDecimal rate, Money of, Money tax) {}

    /**
     * The tax of lines after deals.
     *
     * @param rates of each line, in percent
     */
    public static Tax of(TaxRules rules, List<Money> lines, List<BigDecimal> rates, Rounding rounding) {
        List<Money> own = new ArrayList<>(lines.size());
        Map<BigDecimal, BigDecimal> sums = new TreeMap<>();
        Map<BigDecimal, BigDecimal> rounded = new TreeMap<>();
        for (int i = 0; i < lines.size(); i++) {
            Money tax = rounding.tax(exact(rules, lines.get(i).value(), rates.get(i)));
            own.add(tax);
            sums.merge(rates.get(i), lines.get(i).value(), BigDecimal::add);
            rounded.merge(rates.get(i), tax.value(), BigDecimal::add);
        }
        List<OfRate> ofRates = new ArrayList<>();
        sums.forEach((rate, sum) -> ofRates.add(new OfRate(
                Decimals.normal(rate),
                rounding.lineTotal(sum),
                rounding.tax(rules.perLine() ? rounded.get(rate) : exact(rules, sum, rate)))));
        return new Tax(rules.pricesInclude(), ofRates, own);
    }

    private static BigDecimal exact(TaxRules rules, BigDecimal sum, BigDecimal rate) {
        return sum.multiply(rate, Decimals.EXACT)
                .divide(rules.pricesInclude() ? HUNDRED.add(rate, Decimals.EXACT) : HUNDRED, Decimals.EXACT);
    }

    /** The sum over all rates. */
    public BigDecimal sum() {
        return rates.stream().map(rate -> rate.tax().value()).reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    /** What is paid for lines that come to a total: with tax on top where the prices do not contain it. */
    public BigDecimal toPay(Money total) {
        return included ? total.value() : total.value().add(sum());
    }
}
