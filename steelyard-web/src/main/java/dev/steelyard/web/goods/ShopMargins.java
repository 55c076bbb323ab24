package dev.steelyard.web.goods;

import dev.steelyard.core.finding.Margins;
import dev.steelyard.core.tax.TaxRules;
import dev.steelyard.web.shop.Shop;
import dev.steelyard.web.shop.Taxes;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Puts together the margins that a shop wants to keep. */
@Component
public class ShopMargins {

    private final KeptMargins kept;
    private final Taxes taxes;

    ShopMargins(KeptMargins kept, Taxes taxes) {
        this.kept = kept;
        this.taxes = taxes;
    }

    @Transactional(readOnly = true)
    public Margins of(Shop shop) {
        TaxRules tax = taxes.current();
        return new Margins(shop.smallestMargin(), kept.ofCategories(), kept.ofProducts(), tax, shop.homeCountry());
    }
}
