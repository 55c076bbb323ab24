package dev.steelyard.web.selling.checkout;

import dev.steelyard.web.selling.counter.BasketLineView;
import dev.steelyard.web.selling.counter.BasketView;
import java.util.Objects;

/** What a shopper sees before paying. */
final class CheckoutSummaries {

    private CheckoutSummaries() {}

    /** What deals take off or add is said of the deals, and no part of the line's own sum. */
    private static String beforeDeals(BasketLineView line) {
        return Objects.requireNonNullElse(line.before(), line.total());
    }

    static SeenPrices seen(BasketView basket) {
        return new SeenPrices(
                basket.lines().stream()
                        .map(line -> new SeenPrices.Line(
                                line.id(), line.name(), line.quantity(), line.perPiece(), beforeDeals(line)))
                        .toList(),
                basket.deals().stream()
                        .map(deal -> deal.words() + (deal.adds() ? ", +" : ", −") + deal.saved())
                        .toList(),
                Objects.requireNonNullElse(basket.total(), ""));
    }
}
