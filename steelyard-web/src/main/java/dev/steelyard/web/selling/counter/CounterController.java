package dev.steelyard.web.selling.counter;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Sku;
import dev.steelyard.web.base.page.Countries;
import dev.steelyard.web.base.page.DayText;
import dev.steelyard.web.base.page.NotAllowed;
import dev.steelyard.web.base.page.NotThere;
import dev.steelyard.web.base.page.ShopperWords;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.goods.GoodsEntry;
import dev.steelyard.web.goods.SoldProduct;
import dev.steelyard.web.selling.announced.Reductions;
import dev.steelyard.web.selling.shown.AsSeen;
import dev.steelyard.web.selling.shown.Offer;
import dev.steelyard.web.shop.people.StaffMember;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The counter's goods: all of them, and one with its live price. */
@Controller
@RequestMapping("/counter")
class CounterController {

    private final ShownGoods shown;
    private final Books books;
    private final Baskets baskets;
    private final BasketCookie cookie;
    private final Reductions reductions;
    private final CounterShelves shelves;

    CounterController(
            CounterShelves shelves,
            ShownGoods shown,
            Books books,
            Baskets baskets,
            BasketCookie cookie,
            Reductions reductions) {
        this.reductions = reductions;
        this.shelves = shelves;
        this.shown = shown;
        this.books = books;
        this.baskets = baskets;
        this.cookie = cookie;
    }

    /** A product as listed; the price is none where it has none yet. */
    record Card(String sku, String name, String picture, @Nullable String price) {}

    /**
     * A shelf of the shop.
     *
     * @param title its name in the shopper's language
     * @param more how many more stand on it than are shown
     */
    record Shelf(String name, String title, List<Card> cards, int more) {}

    @GetMapping
    String list(
            @RequestParam(defaultValue = "") String in,
            @RequestParam(defaultValue = "") String find,
            @RequestParam(defaultValue = "0") int after,
            Model model,
            HttpServletRequest request) {
        BookInForce book = books.inForce();
        Shopper shopper = baskets.shopper(cookie.read(request), book);
        CounterList shown = CounterList.of(shelves, book.assortment(), in, find, after, shopper.words());
        model.addAttribute("list", shown);
        model.addAttribute("withoutTax", AsSeen.withoutTax(shopper.customer(), book));
        model.addAttribute(
                "shelves",
                shown.shelves().stream()
                        .map(shelf -> new Shelf(
                                shelf.name(),
                                shopper.words().in(book.category(shelf.name())),
                                shelf.goods().stream()
                                        .map(one -> card(one, book, shopper))
                                        .toList(),
                                shelf.more()))
                        .toList());
        return "counter/list";
    }

    private static Card card(SoldProduct one, BookInForce book, Shopper shopper) {
        return new Card(
                one.product().sku().value(),
                shopper.words().in(one.product().told()),
                one.picture(),
                LeastPrices.of(one.product(), shopper, book)
                        .map(price -> price.words(shopper.words()))
                        .orElse(null));
    }

    /** The page of a product, or of the product that a variant's SKU belongs to. */
    @GetMapping("/goods/{sku}")
    String product(
            @PathVariable String sku,
            @RequestParam MultiValueMap<String, String> form,
            Model model,
            HttpServletRequest request) {
        String picked = form.containsKey("sku") && form.getFirst("sku") != null ? form.getFirst("sku") : sku;
        model.addAttribute("page", page(sku, Typed.read(Objects.requireNonNull(picked), form), request));
        photo(form, model);
        String was = Objects.requireNonNullElse(form.getFirst("changed"), "");
        model.addAttribute("changed", SeenPrice.isMoney(was) ? was : null);
        return "counter/product";
    }

    /** The same as a part of itself, for what is typed there now. */
    @GetMapping("/price")
    String price(
            @RequestParam String sku,
            @RequestParam MultiValueMap<String, String> form,
            Model model,
            HttpServletRequest request) {
        model.addAttribute("page", page(sku, Typed.typing(sku, form), request));
        photo(form, model);
        return "counter/product :: product";
    }

    /** Which of the pictures is looked at, from 1. */
    private static void photo(MultiValueMap<String, String> form, Model model) {
        String typed = Objects.requireNonNullElse(form.getFirst("photo"), "");
        model.addAttribute("photo", typed.matches("\\d{1,3}") ? Integer.parseInt(typed) : 1);
    }

    private ProductPage page(String sku, Typed typed, HttpServletRequest request) {
        BookInForce book = books.inForce();
        Shopper shopper = baskets.shopper(cookie.read(request), book);
        GoodsEntry entry = entry(typed.sku(), sku, book);
        List<String> items =
                entry.product().items().stream().map(item -> item.sku().value()).toList();
        String picked = items.contains(typed.sku()) ? typed.sku() : items.contains(sku) ? sku : items.get(0);
        Offer offer = Offer.of(picked, shopper.customer(), shopper.at(), book);
        if (offer == null) {
            throw notSold(); // put into the shop a moment ago; the next book has it
        }
        return new ProductPages(entry, offer, typed, shopper, book, reductions).page();
    }

    /** Lets whoever is at the counter be another customer, elsewhere, or be there on another day. */
    @PostMapping("/as")
    String be(
            @RequestParam(defaultValue = "") String group,
            @RequestParam(defaultValue = "") String day,
            @RequestParam(defaultValue = "") String time,
            @RequestParam(defaultValue = "") String country,
            @AuthenticationPrincipal @Nullable StaffMember who,
            HttpServletRequest request,
            HttpServletResponse response) {
        if (who == null && !books.inForce().shop().beAnother()) {
            throw new NotAllowed(ShopperWords.now().text("not.another"));
        }
        baskets.be(
                cookie.readOrMake(request, response),
                group,
                DayText.read(day),
                DayText.time(time),
                Countries.code(country),
                who != null);
        String from = request.getHeader("Referer");
        return "redirect:" + CounterAddress.pathOf(from);
    }

    private GoodsEntry entry(String picked, String sku, BookInForce book) {
        for (String text : List.of(picked, sku)) {
            Optional<GoodsEntry> entry = productSku(text, book).flatMap(product -> shown.bySku(product, book));
            if (entry.isPresent()) {
                return entry.get();
            }
        }
        throw notSold();
    }

    private static Optional<String> productSku(String text, BookInForce book) {
        try {
            Sku sku = new Sku(text);
            Item item = book.book().item(sku);
            return Optional.of(item == null ? text : item.product().sku().value());
        } catch (IllegalArgumentException noSku) {
            return Optional.empty();
        }
    }

    private static NotThere notSold() {
        return new NotThere(ShopperWords.now().text("not.sold"));
    }
}
