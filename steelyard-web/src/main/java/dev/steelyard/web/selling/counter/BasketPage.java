package dev.steelyard.web.selling.counter;

import dev.steelyard.web.base.page.Countries;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.selling.payment.PaymentMethod;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** Fills the basket's page. */
@Component
class BasketPage {

    private final Books books;
    private final Baskets baskets;

    BasketPage(Books books, Baskets baskets) {
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
        model.addAttribute("basket", BasketView.withHints(shopper, book));
        model.addAttribute("typed", typed);
        model.addAttribute("faults", faults);
        model.addAttribute("shopper", shopper);
        model.addAttribute("countries", Countries.all());
        model.addAttribute("payments", PaymentMethod.values());
    }
}
