package dev.steelyard.web.counter;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.web.book.Books;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.math.BigDecimal;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The basket: filled, changed, emptied, and priced anew each time. */
@Controller
@RequestMapping("/counter/basket")
class BasketController {

    private final Books books;
    private final Baskets baskets;
    private final BasketCookie cookie;

    BasketController(Books books, Baskets baskets, BasketCookie cookie) {
        this.books = books;
        this.baskets = baskets;
        this.cookie = cookie;
    }

    @GetMapping
    String show(Model model, HttpServletRequest request) {
        fill(model, cookie.read(request), Map.of(), Map.of());
        return "counter/basket";
    }

    @PostMapping("/add")
    String add(
            @RequestParam String sku,
            @RequestParam(defaultValue = "") String quantity,
            HttpServletRequest request,
            HttpServletResponse response,
            RedirectAttributes later) {
        Item item = Skus.item(sku, books.inForce());
        BigDecimal pieces = Quantity.read(quantity).value();
        if (item == null || item.shelfPrice() == null || pieces == null) {
            // the product page says what is wrong, by the field, with what was typed
            later.addAttribute("quantity", quantity);
            return "redirect:/counter/goods/"
                    + (item == null ? "gone" : item.sku().value());
        }
        baskets.add(cookie.readOrMake(request, response), sku, item.name(), pieces.intValueExact());
        return "redirect:/counter/basket";
    }

    /** Changes a quantity; one that cannot be taken stays in its field with what is wrong beside it. */
    @PostMapping("/quantity")
    String quantity(
            @RequestParam String sku,
            @RequestParam(defaultValue = "") String quantity,
            Model model,
            HttpServletRequest request,
            HttpServletResponse response) {
        String token = cookie.readOrMake(request, response);
        DecimalText.Reading reading = Quantity.read(quantity);
        boolean background = request.getHeader("HX-Request") != null;
        if (reading.value() != null) {
            baskets.setQuantity(token, sku, reading.value().intValueExact());
            if (!background) {
                return "redirect:/counter/basket";
            }
            fill(model, token, Map.of(), Map.of());
        } else {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            String fault = Objects.requireNonNull(reading.fault()).message();
            fill(model, token, Map.of(sku, quantity), Map.of(sku, fault));
        }
        return background ? "counter/basket :: whole" : "counter/basket";
    }

    @PostMapping("/take-out")
    String takeOut(@RequestParam String sku, HttpServletRequest request, HttpServletResponse response) {
        baskets.takeOut(cookie.readOrMake(request, response), sku);
        return "redirect:/counter/basket";
    }

    private void fill(Model model, @Nullable String token, Map<String, String> typed, Map<String, String> faults) {
        Shopper shopper = baskets.shopper(token);
        model.addAttribute("basket", BasketView.of(shopper, books.inForce()));
        model.addAttribute("typed", typed);
        model.addAttribute("faults", faults);
        model.addAttribute("shopper", shopper);
    }
}
