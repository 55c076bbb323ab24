package dev.steelyard.web.selling.shown;

import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.web.base.page.NextBreakText;
import org.jspecify.annotations.Nullable;

/** What a little more would bring, in pieces or in an amount. */
public final class NextText {

    private NextText() {}

    /** “13 more and each costs 6.20”, “62.5 m more and each further m costs 2.40”; none where nothing gets cheaper. */
    public static @Nullable String of(PricedLine line, PreparedCard card, Asked asked, ShopRules rules, int minor) {
        String pieces = NextBreakText.of(line);
        return pieces != null ? pieces : new AmountTiers(card, asked, rules, minor).next();
    }
}
