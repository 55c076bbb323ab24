package dev.steelyard.neighbour;

import dev.steelyard.neighbour.SteelyardClient.Refused;
import jakarta.servlet.http.HttpSession;
import java.security.SecureRandom;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The checkout: the cart's price is asked from server to server and kept as a quote, so that what is shown is what is charged;
 * the order is reported by that quote.
 */
@Controller
class CheckoutPages {

    private static final String QUOTE = "quote";
    private static final int FIRST_NUMBER = 100_000;
    private static final int NUMBERS = 900_000;
    private static final String PAYMENT = "bank transfer";

    private final SteelyardClient steelyard;
    private final StoreController store;
    private final JsonMapper mapper;
    private final SecureRandom random = new SecureRandom();

    CheckoutPages(SteelyardClient steelyard, StoreController store, JsonMapper mapper) {
        this.steelyard = steelyard;
        this.store = store;
        this.mapper = mapper;
    }

    @ModelAttribute
    void frame(HttpSession session, Model model) {
        store.frame(session, null, model);
    }

    /** A row of what is to be paid. */
    record Row(String words, String money) {}

    @GetMapping("/checkout")
    String checkout(HttpSession session, Model model) {
        Visitor visitor = StoreController.visitor(session);
        if (visitor.cart().isEmpty()) {
            return "redirect:/cart";
        }
        ObjectNode body = mapper.createObjectNode().put("payment", PAYMENT);
        if (visitor.group() != null) {
            body.putObject("customer").put("group", visitor.group()).put("signedIn", true);
        }
        ArrayNode lines = body.putArray("lines");
        for (Visitor.CartLine line : visitor.cart()) {
            ObjectNode one = lines.addObject().put("sku", line.sku()).put("quantity", line.quantity());
            one.set("answers", line.answers());
            one.set("variants", line.variants());
            if (line.pack() != null) {
                one.put("pack", line.pack());
            }
        }
        JsonNode quote = steelyard.post("/api/v1/quotes", body, visitor.language(), "");
        session.setAttribute(QUOTE, quote);
        show(quote, visitor, model);
        return "checkout";
    }

    private static void show(JsonNode quote, Visitor visitor, Model model) {
        JsonNode basket = quote.path("basket");
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < visitor.cart().size(); i++) {
            Visitor.CartLine line = visitor.cart().get(i);
            rows.add(new Row(
                    line.quantity() + " × " + line.name(),
                    basket.path("lines").path(i).path("line").asString()));
        }
        basket.path("used")
                .forEach(deal -> rows.add(new Row(
                        deal.path("words").asString(), "−" + deal.path("saved").asString())));
        model.addAttribute("rows", rows);
        model.addAttribute("toPay", basket.path("toPay").asString());
        model.addAttribute("currency", basket.path("currency").asString());
        model.addAttribute("until", quote.path("validUntil").asString());
    }

    @PostMapping("/checkout")
    String place(@RequestParam String name, @RequestParam String email, HttpSession session, Model model) {
        Visitor visitor = StoreController.visitor(session);
        JsonNode quote = (JsonNode) session.getAttribute(QUOTE);
        if (quote == null || visitor.cart().isEmpty()) {
            return "redirect:/cart";
        }
        String number = "NB-" + (FIRST_NUMBER + random.nextInt(NUMBERS));
        ObjectNode body = mapper.createObjectNode()
                .put("number", number)
                .put("payment", PAYMENT)
                .put("quote", quote.path("id").asString())
                .put("charged", quote.path("basket").path("toPay").asString());
        body.putObject("buyer").put("name", name).put("email", email);
        try {
            steelyard.post(
                    "/api/v1/orders", body, visitor.language(), quote.path("id").asString());
        } catch (Refused over) {
            if (over.status() == 409) {
                model.addAttribute("why", over.getMessage());
                return checkout(session, model); // shown anew at today's prices, to be agreed to
            }
            throw over;
        }
        model.addAttribute("number", number);
        show(quote, visitor, model);
        visitor.empty();
        session.removeAttribute(QUOTE);
        model.addAttribute("count", 0);
        return "thanks";
    }
}
