package dev.steelyard.core.pricing;

import dev.steelyard.core.deal.DealBook;
import dev.steelyard.core.deal.Dealt;
import dev.steelyard.core.deal.Occasion;
import dev.steelyard.core.deal.SoldLine;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.number.Rounding;
import dev.steelyard.core.reckoning.Fault;
import dev.steelyard.core.reckoning.Place;
import dev.steelyard.core.reckoning.Refused;
import dev.steelyard.core.reckoning.Wanted;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Refusal;
import dev.steelyard.core.tax.Tax;
import dev.steelyard.core.tax.TaxRules;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** From priced lines to what is paid: deals, then tax. */
final class Settlement {

    private Settlement() {}

    static PricedBasket of(
            List<LineResult> lines,
            DealBook deals,
            @Nullable TaxRules tax,
            Rounding rounding,
            Occasion occasion,
            boolean explain,
            Wanted wanted) {
        List<Integer> places = new ArrayList<>();
        List<SoldLine> sold = new ArrayList<>();
        Fault fault = null;
        for (int i = 0; i < lines.size(); i++) {
            if (lines.get(i) instanceof PricedLine line) {
                BigDecimal rate = null;
                if (tax != null) {
                    String taxClass = line.item().product().traits().taxClass();
                    rate = tax.rate(occasion.customer().country(), taxClass);
                    fault = rate == null && fault == null ? noRate(taxClass, occasion, line) : fault;
                }
                places.add(i);
                sold.add(new SoldLine(line.item(), line.quantity(), line.total(), rate));
            }
        }
        BigDecimal before = sum(sold.stream().map(SoldLine::total).toList());
        if (Decimals.tooLarge(before)) {
            return tooLarge(lines, rounding, Fact.of(Refusal.BASKET_TOO_LARGE, money(before, rounding)));
        }
        Dealt dealt;
        try {
            dealt = explain ? deals.explain(sold, occasion, wanted) : deals.apply(sold, occasion);
        } catch (Refused refused) {
            return tooLarge(lines, rounding, refused.faults().get(0).what());
        }
        Money total = rounding.lineTotal(sum(dealt.left()));
        Tax reckoned = tax == null || fault != null
                ? null
                : Tax.of(tax, dealt.left(), sold.stream().map(SoldLine::rate).toList(), rounding);
        BigDecimal toPay = reckoned == null ? total.value() : reckoned.toPay(total);
        if (Decimals.tooLarge(toPay)) {
            return tooLarge(lines, rounding, Fact.of(Refusal.BASKET_TOO_LARGE_WITH_TAX, money(toPay, rounding)));
        }
        return new PricedBasket(
                lines, places, dealt, rounding.lineTotal(before), total, reckoned, rounding.lineTotal(toPay), fault);
    }

    private static PricedBasket tooLarge(List<LineResult> lines, Rounding rounding, Fact what) {
        Money nothing = rounding.lineTotal(BigDecimal.ZERO);
        return new PricedBasket(
                lines,
                List.of(),
                Dealt.NOTHING,
                nothing,
                nothing,
                null,
                nothing,
                new Fault(Place.TOTAL, Fault.Kind.TOO_LARGE, what));
    }

    private static Fault noRate(String taxClass, Occasion occasion, PricedLine line) {
        String country = occasion.customer().country();
        return country == null
                ? Fault.of(Place.COUNTRY, Refusal.COUNTRY_MISSING)
                : Fault.of(
                        Place.COUNTRY,
                        Refusal.NO_TAX_RATE,
                        Part.name(line.item().told()),
                        new Part.Country(country),
                        Part.typed(taxClass));
    }

    private static Part money(BigDecimal value, Rounding rounding) {
        return new Part.Money(value, rounding.minorDigits());
    }

    private static BigDecimal sum(List<Money> lines) {
        BigDecimal sum = BigDecimal.ZERO;
        for (Money line : lines) {
            sum = sum.add(line.value(), Decimals.EXACT);
        }
        return sum;
    }
}
