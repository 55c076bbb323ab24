package dev.steelyard.web.checkout;

import dev.steelyard.web.counter.BasketView;
import java.util.Objects;

/** What a shopper sees before paying. */
final class Summaries {

    private Summaries() {}

    static SeenPrices seen(BasketView basket) {
        return new SeenPrices(
                basket.lines().stream()
                        .map(line -> new SeenPrices.Line(
                                line.id(), line.name(), line.quantity(), line.perPiece(), line.total()))
                        .toList(),
                basket.deals().stream()
                        .map(deal -> deal.words() + (deal.adds() ? ", +" : ", −") + deal.saved())
                        .toList(),
                Objects.requireNonNullElse(basket.total(), ""));
    }
}
