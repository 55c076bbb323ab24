package dev.steelyard.web.selling.counter;

import dev.steelyard.core.pricing.PricedBasket;
import dev.steelyard.web.book.BookInForce;
import java.util.ArrayList;
import java.util.List;

/**
 * A shopper's basket, priced by a book. What each line sells and how it is answered is worked out once, here; pages, hints
 * and orders are made from it.
 *
 * @param basket what all of it comes to
 * @param picks its lines, in order
 */
public record PricedPicks(Shopper shopper, PricedBasket basket, List<PricedPick> picks, BookInForce book) {

    public static PricedPicks of(Shopper shopper, BookInForce book) {
        List<Shopper.Offered> offered = shopper.offered(book);
        PricedBasket basket = book.book()
                .explainBasket(offered.stream().map(Shopper.Offered::line).toList(), shopper.occasion());
        List<PricedPick> picks = new ArrayList<>();
        for (int i = 0; i < offered.size(); i++) {
            picks.add(new PricedPick(offered.get(i), basket.lines().get(i), book));
        }
        return new PricedPicks(shopper, basket, List.copyOf(picks), book);
    }
}
