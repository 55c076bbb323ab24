package dev.steelyard.web.counter;

import dev.steelyard.core.card.Item;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.goods.GoodsEntry;
import dev.steelyard.web.goods.GoodsStore;
import dev.steelyard.web.goods.PriceRange;
import dev.steelyard.web.page.DayText;
import dev.steelyard.web.page.NotThere;
import dev.steelyard.web.page.Show;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The counter's goods: all of them, and one with its live price. */
@Controller
@RequestMapping("/counter")
class CounterController {

    private final GoodsStore goods;
    private final Books books;
    private final Baskets baskets;
    private final BasketCookie cookie;

    CounterController(GoodsStore goods, Books books, Baskets baskets, BasketCookie cookie) {
        this.goods = goods;
        this.books = books;
        this.baskets = baskets;
        this.cookie = cookie;
    }

    /** A product as listed; the price is none where it has none yet. */
    record Card(String sku, String name, String drawing, @Nullable String price, boolean fromOnly) {}

    /** A variant to pick. */
    record Choice(String sku, String name) {}

    @GetMapping
    String list(Model model, HttpServletRequest request) {
        BookInForce book = books.inForce();
        Shopper shopper = baskets.shopper(cookie.read(request));
        Map<String, List<Card>> shelves = goods.search("").stream()
                .collect(Collectors.groupingBy(
                        entry -> entry.categories().isEmpty()
                                ? "Other"
                                : entry.categories().get(0),
                        TreeMap::new,
                        Collectors.mapping(entry -> card(entry, book, shopper), Collectors.toList())));
        model.addAttribute("shelves", shelves);
        return "counter/list";
    }

    private static Card card(GoodsEntry entry, BookInForce book, Shopper shopper) {
        PriceRange range =
                PriceRange.of(entry, book.shop().rules(), shopper.day()).orElse(null);
        return new Card(
                entry.sku(),
                entry.name(),
                entry.drawing(),
                range == null
                        ? null
                        : Show.money(
                                range.lowest().value(), range.lowest().value().scale()),
                range != null && range.lowest().compareTo(range.single()) < 0);
    }

    /** The page of a product, or of the product that a variant's SKU belongs to. */
    @GetMapping("/goods/{sku}")
    String product(
            @PathVariable String sku,
            @RequestParam(defaultValue = "1") String quantity,
            Model model,
            HttpServletRequest request) {
        BookInForce book = books.inForce();
        GoodsEntry entry = entry(sku, book);
        List<Item> items = entry.product().items();
        String picked = items.stream()
                .map(item -> item.sku().value())
                .filter(sku::equals)
                .findFirst()
                .orElse(items.get(0).sku().value());
        Shopper shopper = baskets.shopper(cookie.read(request));
        model.addAttribute("entry", entry);
        model.addAttribute("quantity", quantity);
        model.addAttribute(
                "choices",
                items.stream()
                        .filter(item -> item.variant() != null)
                        .map(item -> new Choice(
                                item.sku().value(),
                                item.variant() == null ? "" : item.variant().name()))
                        .toList());
        model.addAttribute("live", LivePrice.of(picked, quantity, shopper, book));
        return "counter/product";
    }

    /** The parts of the product page that follow variant and quantity. */
    @GetMapping("/price")
    String price(
            @RequestParam String sku,
            @RequestParam(defaultValue = "") String quantity,
            Model model,
            HttpServletRequest request) {
        model.addAttribute("live", LivePrice.of(sku, quantity, baskets.shopper(cookie.read(request)), books.inForce()));
        return "counter/live :: answers";
    }

    /** Lets whoever is at the counter be another customer, or be there on another day. */
    @PostMapping("/as")
    String be(
            @RequestParam(defaultValue = "") String group,
            @RequestParam(defaultValue = "") String day,
            HttpServletRequest request,
            HttpServletResponse response) {
        baskets.be(cookie.readOrMake(request, response), group, DayText.read(day));
        String from = request.getHeader("Referer");
        return "redirect:" + CounterAddress.pathOf(from);
    }

    private GoodsEntry entry(String sku, BookInForce book) {
        Item item = Skus.item(sku, book);
        String productSku = item == null ? sku : item.product().sku().value();
        return goods.findBySku(productSku)
                .filter(entry -> !entry.isRemoved())
                .orElseThrow(() -> new NotThere("This is not sold here, or no longer."));
    }
}
