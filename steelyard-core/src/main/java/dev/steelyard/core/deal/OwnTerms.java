package dev.steelyard.core.deal;

import dev.steelyard.core.deal.Deal.Terms;
import dev.steelyard.core.number.Quotient;
import dev.steelyard.core.tax.TaxRules;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/** Takes money from the shop's terms, with or without tax, into a deal's own and back, by a line's rate. */
enum OwnTerms {
    SAME,
    /** The shop's prices contain tax, the deal's amounts do not. */
    WITHOUT_TAX,
    /** The shop's prices are without tax, the deal's amounts are with it. */
    WITH_TAX;

    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

    static OwnTerms of(Deal deal, @Nullable TaxRules tax) {
        if (tax == null || deal.terms() == Terms.AS_PRICES || tax.pricesInclude() == (deal.terms() == Terms.WITH_TAX)) {
            return SAME;
        }
        return deal.terms() == Terms.WITH_TAX ? WITH_TAX : WITHOUT_TAX;
    }

    Quotient fromShop(Quotient money, SoldLine line) {
        return convert(money, line, this == WITHOUT_TAX);
    }

    Quotient toShop(Quotient money, SoldLine line) {
        return convert(money, line, this == WITH_TAX);
    }

    private Quotient convert(Quotient money, SoldLine line, boolean takesTaxOut) {
        if (this == SAME || line.rate() == null) {
            return money;
        }
        BigDecimal whole = HUNDRED.add(line.rate());
        return takesTaxOut
                ? money.times(HUNDRED).dividedBy(whole)
                : money.times(whole).dividedBy(HUNDRED);
    }
}
