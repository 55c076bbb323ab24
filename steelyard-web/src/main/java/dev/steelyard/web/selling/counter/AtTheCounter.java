package dev.steelyard.web.selling.counter;

import dev.steelyard.web.base.page.Countries;
import dev.steelyard.web.base.page.ShopperWords;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.shop.people.StaffMember;
import dev.steelyard.words.Words;
import jakarta.servlet.http.HttpServletRequest;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;

/** What every page of the counter shows in its head: the shop, who one is, how much is in the basket. */
@ControllerAdvice("dev.steelyard.web.selling")
class AtTheCounter {

    private final Books books;
    private final Baskets baskets;
    private final BasketCookie cookie;
    private final ShopperLanguages languages;

    AtTheCounter(Books books, Baskets baskets, BasketCookie cookie, ShopperLanguages languages) {
        this.books = books;
        this.baskets = baskets;
        this.cookie = cookie;
        this.languages = languages;
    }

    /** For whole pages: parts asked for in the background have no head. */
    @ModelAttribute
    void head(HttpServletRequest request, @AuthenticationPrincipal @Nullable StaffMember who, Model model) {
        if (!request.getRequestURI().startsWith("/counter")) {
            return;
        }
        Words words = ShopperWords.now();
        model.addAttribute("words", words);
        if (request.getHeader("HX-Request") != null) {
            return;
        }
        BookInForce book = books.inForce();
        Shopper shopper = baskets.shopper(cookie.read(request), book);
        model.addAttribute("shopName", book.shop().name());
        model.addAttribute("shopper", shopper);
        model.addAttribute("mayBeAnother", who != null || book.shop().beAnother());
        model.addAttribute("groupNames", book.groups());
        model.addAttribute("countries", Countries.in(words));
        model.addAttribute("languages", languages.offered(request, book.shop()));
    }
}
