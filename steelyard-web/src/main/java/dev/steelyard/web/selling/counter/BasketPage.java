package dev.steelyard.web.selling.counter;

import dev.steelyard.web.base.page.Countries;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.selling.payment.PaymentWays;
import dev.steelyard.web.selling.shown.AsSeen;
import dev.steelyard.web.selling.shown.Offer;
import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** Fills the basket's page. */
@Component
class BasketPage {

    private final PaymentWays ways;
    private final Books books;
    private final Baskets baskets;

    BasketPage(Books books, Baskets baskets, PaymentWays ways) {
        this.ways = ways;
        this.books = books;
        this.baskets = baskets;
    }

    void fill(Model model, @Nullable String token) {
        fill(model, token, Map.of(), Map.of());
    }

    /**
     * The same with quantities that could not be taken.
     *
     * @param typed by the line's id
     * @param faults by the line's id
     */
    void fill(Model model, @Nullable String token, Map<Long, String> typed, Map<Long, String> faults) {
        BookInForce book = books.inForce();
        Shopper shopper = baskets.shopper(token, book);
        PricedPicks priced = PricedPicks.of(shopper, book);
        model.addAttribute("basket", BasketView.withHints(priced));
        model.addAttribute("changed", changed(token, priced));
        model.addAttribute("typed", typed);
        model.addAttribute("faults", faults);
        model.addAttribute("shopper", shopper);
        model.addAttribute("countries", Countries.in(shopper.words()));
        model.addAttribute("payments", ways.offered(shopper.goesTo(), shopper.group()));
    }

    /** What lines cost when they were put in, by their ids, where that is another price now; what is new is kept. */
    private Map<Long, String> changed(@Nullable String token, PricedPicks priced) {
        Shopper shopper = priced.shopper();
        BookInForce book = priced.book();
        Map<Long, String> changed = new LinkedHashMap<>();
        Map<Long, String> fresh = new LinkedHashMap<>();
        for (PricedPick pick : priced.picks()) {
            Shopper.Picked picked = pick.picked();
            AloneSeen now = AloneSeen.of(pick.offered(), shopper, book);
            if (now != null && !now.isOf(picked.seen())) {
                fresh.put(picked.id(), now.write());
            }
            String was = now == null ? null : now.was(picked.seen());
            Offer offer = pick.offer();
            if (was != null && offer != null) {
                AsSeen seen = AsSeen.of(offer.item(), shopper.customer(), book, shopper.words());
                changed.put(
                        picked.id(),
                        shopper.words()
                                .text(
                                        "basket.price-changed",
                                        "was",
                                        seen.total(new BigDecimal(was)),
                                        "now",
                                        seen.total(new BigDecimal(now.total()))));
            }
        }
        if (token != null && !fresh.isEmpty()) {
            baskets.saw(token, fresh);
        }
        return changed;
    }
}
