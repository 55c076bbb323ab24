package dev.steelyard.web.base.page;

import dev.steelyard.core.pricing.NextBreak;
import dev.steelyard.core.pricing.PricedLine;
import org.jspecify.annotations.Nullable;

/** What a few more pieces would bring, in a sentence. */
public final class NextBreakText {

    private NextBreakText() {}

    /** “13 more and each costs 6.20”; none where nothing gets cheaper. */
    public static @Nullable String of(PricedLine line) {
        NextBreak next = line.next();
        if (next == null) {
            return null;
        }
        int decimals = next.pricePerPiece().value().scale();
        return Show.whole(next.more()) + " more and each costs "
                + Show.money(next.pricePerPiece().value(), decimals);
    }
}
