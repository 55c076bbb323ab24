package dev.steelyard.web.selling.orders;

import dev.steelyard.web.base.page.FileNames;
import dev.steelyard.web.base.page.NotThere;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** What was sold, for the owner. */
@Controller
class OrdersController {

    private static final int MOST_LISTED = 200;

    private final Orders orders;
    private final OrderViews views;

    OrdersController(Orders orders, OrderViews views) {
        this.orders = orders;
        this.views = views;
    }

    /** The latest, or those that are looked for. */
    @GetMapping("/orders")
    String list(
            @RequestParam @Nullable String find,
            @RequestParam @Nullable String from,
            @RequestParam @Nullable String until,
            Model model) {
        OrderSearch search = OrderSearch.read(find, from, until);
        model.addAttribute("orders", orders.find(search, MOST_LISTED));
        model.addAttribute("most", MOST_LISTED);
        model.addAttribute("faults", search.faults());
        model.addAttribute("find", find);
        model.addAttribute("from", from);
        model.addAttribute("until", until);
        return "orders/list";
    }

    /** The same as a file. */
    @GetMapping("/orders.csv")
    void csv(
            @RequestParam @Nullable String find,
            @RequestParam @Nullable String from,
            @RequestParam @Nullable String until,
            HttpServletResponse response)
            throws IOException {
        response.setContentType("text/csv; charset=UTF-8");
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        response.setHeader(HttpHeaders.CONTENT_DISPOSITION, FileNames.attachment("orders", "orders", "csv"));
        try (Writer writer = response.getWriter()) {
            orders.write(OrderSearch.read(find, from, until), new OrderCsv(writer, views));
        }
    }

    @GetMapping("/orders/{number}")
    String show(@PathVariable String number, Model model) {
        model.addAttribute(
                "order", orders.byNumber(number).orElseThrow(() -> new NotThere("There is no order " + number + ".")));
        return "orders/order";
    }
}
