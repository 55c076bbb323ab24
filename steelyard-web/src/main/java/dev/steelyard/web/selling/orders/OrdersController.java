package dev.steelyard.web.selling.orders;

import dev.steelyard.web.base.page.FileNames;
import dev.steelyard.web.base.page.NotThere;
import dev.steelyard.web.shop.CustomerGroup;
import dev.steelyard.web.shop.Shops;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.Writer;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** What was sold, for the owner. */
@Controller
class OrdersController {

    private static final int PAGE = 100;

    private final Orders orders;
    private final OrderViews views;
    private final Shops shops;

    OrdersController(Orders orders, OrderViews views, Shops shops) {
        this.shops = shops;
        this.orders = orders;
        this.views = views;
    }

    /** The latest, or those that are looked for. */
    @GetMapping("/orders")
    String list(@RequestParam Map<String, String> sent, Model model) {
        OrderSearch search = OrderSearch.read(sent);
        int page = sent.getOrDefault("page", "").matches("\\d{1,6}") ? Integer.parseInt(sent.get("page")) : 0;
        Orders.Sums sums = orders.sums(search);
        model.addAttribute("orders", orders.find(search, page, PAGE));
        model.addAttribute("sums", sums);
        model.addAttribute("currency", shops.current().currency());
        model.addAttribute(
                "groups", shops.groups().stream().map(CustomerGroup::name).toList());
        model.addAttribute("places", OrderSearch.Sold.values());
        model.addAttribute("page", page);
        model.addAttribute("more", (page + 1L) * PAGE < sums.orders());
        model.addAttribute("narrows", search.narrows());
        model.addAttribute("faults", search.faults());
        for (String field : List.of("find", "group", "deal", "code", "sold", "from", "until")) {
            model.addAttribute(field, sent.getOrDefault(field, ""));
        }
        return "orders/list";
    }

    /** The same as a file. */
    @GetMapping("/orders.csv")
    void csv(@RequestParam Map<String, String> sent, HttpServletResponse response) throws IOException {
        FileNames.csv(response, "orders", "orders");
        try (Writer writer = response.getWriter()) {
            orders.write(OrderSearch.read(sent), new OrderCsv(writer, views));
        }
    }

    @GetMapping("/orders/{number}")
    String show(@PathVariable String number, Model model) {
        model.addAttribute(
                "order", orders.byNumber(number).orElseThrow(() -> new NotThere("There is no order " + number + ".")));
        return "orders/order";
    }
}
