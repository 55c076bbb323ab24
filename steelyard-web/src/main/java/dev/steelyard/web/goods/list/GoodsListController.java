package dev.steelyard.web.goods.list;

import dev.steelyard.web.base.page.Ids;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.goods.Categories;
import dev.steelyard.web.goods.GoodsStore;
import dev.steelyard.web.shop.Shops;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.CookieValue;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The list of goods: found as one types, narrowed, sorted, page by page. */
@Controller
class GoodsListController {

    private static final String COLUMNS = "goods-columns";
    private static final int A_YEAR = 365 * 24 * 3600;

    private final GoodsShelves shelves;
    private final GoodsFinder finder;
    private final GoodsRows rows;
    private final GoodsStore goods;
    private final Categories categories;
    private final Shops shops;

    GoodsListController(
            GoodsShelves shelves,
            GoodsFinder finder,
            GoodsRows rows,
            GoodsStore goods,
            Categories categories,
            Shops shops) {
        this.shelves = shelves;
        this.finder = finder;
        this.rows = rows;
        this.goods = goods;
        this.categories = categories;
        this.shops = shops;
    }

    @GetMapping("/goods")
    String list(
            @RequestParam MultiValueMap<String, String> sent,
            @CookieValue(name = COLUMNS, required = false) @Nullable String columns,
            Model model) {
        GoodsFilter filter = GoodsFilter.read(sent);
        GoodsShelf shelf = shelves.now();
        BookInForce book = shelf.book();
        GoodsOrder order = GoodsOrder.of(text(sent, "sort")).orElse(GoodsOrder.NAME);
        boolean down = sent.containsKey("down");
        GoodsPage page = GoodsPage.of(
                finder.find(filter, shelf, order),
                new GoodsPage.At(
                        GoodsPlace.read(sent.getFirst("after")),
                        GoodsPlace.read(sent.getFirst("before")),
                        order,
                        down));
        Set<ListColumn> shown = ListColumn.read(columns);
        model.addAttribute("filter", filter);
        model.addAttribute("query", filter.query());
        model.addAttribute("sort", order.code());
        model.addAttribute("down", down);
        model.addAttribute("page", page);
        model.addAttribute("rows", rows.of(page.goods(), book.shop()));
        model.addAttribute("count", count(page.count(), book.sold().size()));
        model.addAttribute("stretch", stretch(page));
        model.addAttribute("shown", shown.stream().map(ListColumn::code).toList());
        model.addAttribute("currency", book.shop().currency());
        if (sent.containsKey("rowsOnly")) {
            return "catalogue/list :: rows";
        }
        model.addAttribute("columns", ListColumn.values());
        model.addAttribute("names", shelf.names());
        model.addAttribute("tree", categories.tree());
        model.addAttribute("groups", shops.groups());
        model.addAttribute("cards", cards(book));
        String removed = text(sent, "removed");
        model.addAttribute(
                "removed", Ids.is(removed) ? goods.find(Long.parseLong(removed)).orElse(null) : null);
        return "catalogue/list";
    }

    /** Which columns are shown, for whoever has this browser. */
    @PostMapping("/goods/columns")
    String columns(
            @RequestParam(defaultValue = "") List<String> column,
            @RequestParam(defaultValue = "") String query,
            HttpServletRequest request,
            HttpServletResponse response) {
        Set<ListColumn> picked = EnumSet.noneOf(ListColumn.class);
        for (ListColumn one : ListColumn.values()) {
            if (column.contains(one.code())) {
                picked.add(one);
            }
        }
        Cookie cookie = new Cookie(COLUMNS, picked.isEmpty() ? "none" : ListColumn.write(picked));
        cookie.setPath("/goods");
        cookie.setMaxAge(A_YEAR);
        cookie.setHttpOnly(true);
        cookie.setSecure(request.isSecure());
        cookie.setAttribute("SameSite", "Lax");
        response.addCookie(cookie);
        return "redirect:/goods" + (query.matches("[\\x21-\\x7e&&[^\\\\/]]{1,4000}") ? "?" + query : "");
    }

    private static String text(MultiValueMap<String, String> sent, String name) {
        String text = sent.getFirst(name);
        return text == null ? "" : text;
    }

    /** The cards that price something now or later, by number. */
    private static Map<Long, String> cards(BookInForce book) {
        Map<Long, String> cards = new LinkedHashMap<>();
        book.cards()
                .forEach(one -> cards.putIfAbsent(one.id(), one.card().card().name()));
        return cards;
    }

    private static String count(int fit, int all) {
        String products = all == 1 ? " product" : " products";
        return fit == all ? Show.whole(all) + products : Show.whole(fit) + " of " + Show.whole(all) + products;
    }

    private static String stretch(GoodsPage page) {
        return page.goods().isEmpty()
                ? ""
                : Show.whole(page.first() + 1L) + " to "
                        + Show.whole(page.first() + page.goods().size()) + " of " + Show.whole(page.count());
    }
}
