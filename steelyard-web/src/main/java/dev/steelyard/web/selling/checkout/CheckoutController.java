package dev.steelyard.web.selling.checkout;

import dev.steelyard.web.base.database.DatabaseAway;
import dev.steelyard.web.base.page.Countries;
import dev.steelyard.web.base.page.NotThere;
import dev.steelyard.web.base.page.ShopperWords;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.selling.counter.BasketCookie;
import dev.steelyard.web.selling.counter.BasketView;
import dev.steelyard.web.selling.counter.Baskets;
import dev.steelyard.web.selling.counter.PricedPicks;
import dev.steelyard.web.selling.counter.Shopper;
import dev.steelyard.web.selling.orders.Orders;
import dev.steelyard.web.selling.payment.PaymentMethod;
import dev.steelyard.web.selling.payment.PaymentWays;
import dev.steelyard.words.Words;
import io.micrometer.core.instrument.MeterRegistry;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import tools.jackson.databind.json.JsonMapper;

/** The checkout's pages: the form, what came of it, the receipt. */
@Controller
@RequestMapping("/counter")
class CheckoutController {

    private static final Logger log = LoggerFactory.getLogger(CheckoutController.class);

    private final PlaceOrder placeOrder;
    private final Books books;
    private final Baskets baskets;
    private final BasketCookie cookie;
    private final Orders orders;
    private final CheckoutKeys keys;
    private final JsonMapper mapper;
    private final PaymentWays ways;
    private final Buyers buyers;
    private final MeterRegistry meters;

    CheckoutController(
            PlaceOrder placeOrder,
            Books books,
            Baskets baskets,
            BasketCookie cookie,
            Orders orders,
            CheckoutKeys keys,
            JsonMapper mapper,
            Buyers buyers,
            PaymentWays ways,
            MeterRegistry meters) {
        this.meters = meters;
        this.buyers = buyers;
        this.placeOrder = placeOrder;
        this.books = books;
        this.baskets = baskets;
        this.cookie = cookie;
        this.orders = orders;
        this.keys = keys;
        this.mapper = mapper;
        this.ways = ways;
    }

    /** What the page says above the form. */
    record Message(String text, List<String> details, boolean waiting) {

        Message(String text, List<String> details) {
            this(text, details, false);
        }
    }

    /** @param begun the key of a checkout whose answer was lost: its order is shown, or it goes on where it was */
    @GetMapping("/checkout")
    String form(@RequestParam(name = "key", defaultValue = "") String begun, Model model, HttpServletRequest request) {
        boolean ours = keys.isOurs(begun);
        if (ours && orders.byCheckout(begun, ShopperWords.now()).isPresent()) {
            return "redirect:/counter/orders/" + begun;
        }
        CheckoutForm empty = new CheckoutForm(ours ? begun : keys.make(), "", "", "", "", "");
        return page(model, request, empty, Map.of(), null);
    }

    @PostMapping("/checkout")
    String order(CheckoutForm form, Model model, HttpServletRequest request, HttpServletResponse response) {
        if (!keys.isOurs(form.keyText())) {
            return "redirect:/counter/checkout";
        }
        try {
            return ordered(form, model, request, response);
        } catch (RuntimeException failed) {
            if (!DatabaseAway.isBehind(failed)) {
                throw failed;
            }
            log.warn("Whether checkout {} was placed could not be told", form.keyText(), failed);
            response.setStatus(HttpStatus.SERVICE_UNAVAILABLE.value());
            model.addAttribute("key", form.keyText());
            return "checkout/unsure";
        }
    }

    private String ordered(CheckoutForm form, Model model, HttpServletRequest request, HttpServletResponse response) {
        if (orders.byCheckout(form.keyText(), ShopperWords.now()).isPresent()) {
            return receipt(form);
        }
        PaymentMethod method = offered(request).stream()
                .filter(one -> one.label().equals(form.label()))
                .findFirst()
                .orElse(null);
        Map<String, String> faults = form.faults(method);
        if (method == null || !faults.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(model, request, form, faults, null);
        }
        SeenPrices seen = SeenPrices.read(form.seenText(), mapper);
        PlacingOutcome outcome = placeOrder.place(form.keyText(), seen, form.buyer(method), cookie.read(request));
        meters.counter(
                        "steelyard.checkouts",
                        "outcome",
                        outcome.getClass().getSimpleName().toLowerCase(Locale.ROOT))
                .increment();
        if (outcome instanceof PlacingOutcome.Placed) {
            return receipt(form);
        }
        response.setStatus(HttpStatus.CONFLICT.value());
        return page(model, request, form, Map.of(), message(outcome));
    }

    /** Another country or way of paying changes the totals at once; what is typed stays. */
    @PostMapping("/checkout/choose")
    String choose(
            CheckoutForm form,
            @RequestParam(defaultValue = "") String country,
            Model model,
            HttpServletRequest request,
            HttpServletResponse response) {
        baskets.choose(
                cookie.readOrMake(request, response),
                Countries.code(country),
                ways.of(form.label()).orElse(null));
        String view = page(model, request, form, Map.of(), null);
        return request.getHeader("HX-Request") == null ? view : view + " :: checkout";
    }

    /** Whether a payment that was waited for has been answered meanwhile: then the page goes on by itself. */
    @GetMapping("/checkout/{key}/answer")
    ResponseEntity<Void> answer(@PathVariable String key) {
        return orders.byCheckout(key, ShopperWords.now()).isPresent()
                ? ResponseEntity.noContent()
                        .header("HX-Redirect", "/counter/orders/" + key)
                        .build()
                : ResponseEntity.noContent().build();
    }

    /** The ways to pay that whoever orders has. */
    private List<PaymentMethod> offered(HttpServletRequest request) {
        Shopper shopper = baskets.shopper(cookie.read(request), books.inForce());
        return ways.offered(shopper.goesTo(), shopper.group());
    }

    private static Message message(PlacingOutcome outcome) {
        Words words = ShopperWords.now();
        if (outcome instanceof PlacingOutcome.Changed changed) {
            return new Message(words.text("checkout.changed"), changed.changes());
        }
        if (outcome instanceof PlacingOutcome.NotOrderable not) {
            return new Message(not.why(), List.of());
        }
        if (outcome instanceof PlacingOutcome.Refused refused) {
            return new Message(words.text(refused.why().key()), List.of());
        }
        return new Message(words.text("checkout.unanswered"), List.of(), true);
    }

    @GetMapping("/orders/{key}")
    String receipt(@PathVariable String key, Model model) {
        model.addAttribute(
                "order",
                orders.byCheckout(key, ShopperWords.now())
                        .orElseThrow(() -> new NotThere(ShopperWords.now().text("not.order"))));
        return "checkout/receipt";
    }

    private static String receipt(CheckoutForm form) {
        return "redirect:/counter/orders/" + form.keyText();
    }

    private String page(
            Model model,
            HttpServletRequest request,
            CheckoutForm form,
            Map<String, String> faults,
            @Nullable Message message) {
        BookInForce book = books.inForce();
        Shopper shopper = buyers.ordering(baskets.shopper(cookie.read(request), book), form.knownEmail());
        BasketView basket = BasketView.of(PricedPicks.of(shopper, book));
        model.addAttribute("shopper", shopper);
        model.addAttribute("countries", Countries.in(shopper.words()));
        model.addAttribute("basket", basket);
        model.addAttribute("seen", CheckoutSummaries.seen(basket).write(mapper));
        model.addAttribute("form", form);
        model.addAttribute("payments", ways.offered(shopper.goesTo(), shopper.group()));
        model.addAttribute("waiting", message != null && message.waiting());
        model.addAttribute("faults", faults);
        model.addAttribute("message", message);
        return "checkout/form";
    }
}
