package dev.steelyard.web.selling.payment;

import dev.steelyard.web.book.Books;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.people.StaffMember;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The Shop page's room of ways to pay. */
@Controller
@RequestMapping("/shop/payments")
class PaymentsController {

    private final PaymentWays ways;
    private final PaymentSettings settings;
    private final Shops shops;
    private final Books books;

    PaymentsController(PaymentWays ways, PaymentSettings settings, Shops shops, Books books) {
        this.books = books;
        this.ways = ways;
        this.settings = settings;
        this.shops = shops;
    }

    @GetMapping
    String show(Model model) {
        return page(model, "");
    }

    @PostMapping
    String change(
            @RequestParam(name = "do") String what,
            @RequestParam(defaultValue = "") String label,
            @RequestParam(defaultValue = "") String title,
            @RequestParam(defaultValue = "false") boolean on,
            @RequestParam(defaultValue = "") String countries,
            @RequestParam(defaultValue = "") Set<String> group,
            @AuthenticationPrincipal StaffMember who,
            Model model,
            HttpServletResponse response) {
        String fault =
                switch (what) {
                    case "add" -> settings.add(title, who.name());
                    case "remove" -> settings.remove(label, who.name());
                    default -> settings.change(
                            new PaymentSettings.Typed(label, title, on, countries, group), who.name());
                };
        if (fault.isEmpty()) {
            books.refresh();
            return "redirect:/shop/payments";
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return page(model, fault);
    }

    private String page(Model model, String fault) {
        model.addAttribute("fault", fault);
        List<PaymentMethod> all = ways.all();
        model.addAttribute("ways", all);
        Map<String, String> typed =
                all.stream().collect(Collectors.toMap(PaymentMethod::label, PaymentSettings::typed));
        model.addAttribute("typed", typed);
        model.addAttribute("groups", shops.groups());
        return "settings/payments";
    }
}
