package dev.steelyard.web.selling.counter;

import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.prepared.Answers;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.goods.SoldProduct;
import dev.steelyard.web.selling.shown.AsSeen;
import dev.steelyard.web.selling.shown.BreakTable;
import dev.steelyard.web.selling.shown.FromPrice;
import dev.steelyard.web.selling.shown.Offer;
import dev.steelyard.web.shop.CustomerGroup;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.words.Words;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** A price list for one group of customers, to be printed: what each of the goods costs and from how many it costs less. */
@Controller
class PriceListPage {

    private static final int MOST = 3_000;

    private final Books books;
    private final Shops shops;

    PriceListPage(Books books, Shops shops) {
        this.books = books;
        this.shops = shops;
    }

    /**
     * One of the goods.
     *
     * @param price “7.40”, “from 21.40 per m²”; empty where it has none
     * @param breaks “from 10: 6.90”, one for each
     */
    record Line(String sku, String name, String price, List<String> breaks) {}

    @GetMapping("/price-list")
    String show(
            @RequestParam(defaultValue = "") String group, @RequestParam(defaultValue = "") String in, Model model) {
        BookInForce book = books.inForce();
        ZonedDateTime now = shops.now();
        List<String> groups = shops.groups().stream().map(CustomerGroup::name).toList();
        String known = groups.contains(group) ? group : null;
        Customer customer =
                new Customer(known, known != null, false, book.shop().homeCountry());
        Map<String, List<Line>> shelves = new TreeMap<>();
        int count = 0;
        for (SoldProduct one : book.sold()) {
            String shelf =
                    one.categories().isEmpty() ? "Other" : one.categories().get(0);
            if (!in.isEmpty() && !in.equals(shelf)) {
                continue;
            }
            for (Item item : one.product().items()) {
                if (count++ < MOST) {
                    shelves.computeIfAbsent(shelf, any -> new ArrayList<>()).add(line(item, customer, now, book));
                }
            }
        }
        model.addAttribute("shelves", shelves);
        model.addAttribute("left", Math.max(0, count - MOST));
        model.addAttribute("groups", groups);
        model.addAttribute("group", known == null ? "" : known);
        model.addAttribute("in", in);
        model.addAttribute("shop", book.shop());
        model.addAttribute("day", Show.day(now.toLocalDate()));
        model.addAttribute("withoutTax", AsSeen.withoutTax(customer, book));
        return "counter/price-list";
    }

    private static Line line(Item item, Customer customer, ZonedDateTime now, BookInForce book) {
        Offer offer = Offer.of(item.sku().value(), customer, now, book);
        if (offer == null || !offer.canBePriced()) {
            return new Line(item.sku().value(), item.name(), "", List.of());
        }
        AsSeen seen = AsSeen.of(item, customer, book, Words.owners());
        Asked one = new Asked(item, 1, Answers.NONE, customer.group(), now.toLocalDate());
        BreakTable table = BreakTable.of(offer.card(), one, 1, book.shop().rules(), seen);
        return new Line(
                item.sku().value(),
                item.name(),
                FromPrice.of(
                                offer.card(),
                                item,
                                customer.group(),
                                now.toLocalDate(),
                                book.shop().rules(),
                                seen)
                        .map(price -> price.words(Words.owners()))
                        .orElse(""),
                table.shows()
                        ? table.tiers().stream()
                                .map(tier -> tier.range() + ": " + tier.worth() + (tier.together() ? " together" : ""))
                                .toList()
                        : List.of());
    }
}
