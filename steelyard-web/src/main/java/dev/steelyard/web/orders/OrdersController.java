package dev.steelyard.web.orders;

import dev.steelyard.web.page.NotThere;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** What was sold, for the owner. */
@Controller
class OrdersController {

    private final Orders orders;

    OrdersController(Orders orders) {
        this.orders = orders;
    }

    @GetMapping("/orders")
    String list(Model model) {
        model.addAttribute("orders", orders.latest());
        return "orders/list";
    }

    @GetMapping("/orders/{number}")
    String show(@PathVariable String number, Model model) {
        model.addAttribute(
                "order", orders.byNumber(number).orElseThrow(() -> new NotThere("There is no order " + number + ".")));
        return "orders/order";
    }
}
