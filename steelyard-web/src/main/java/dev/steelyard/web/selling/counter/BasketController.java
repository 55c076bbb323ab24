package dev.steelyard.web.selling.counter;

import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.pricing.OrderLine;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.said.NumberSays;
import dev.steelyard.web.base.page.ShopperWords;
import dev.steelyard.web.base.page.TypedNumbers;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.selling.announced.Reductions;
import dev.steelyard.web.selling.shown.Offer;
import dev.steelyard.web.selling.shown.TypedAnswers;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.math.BigDecimal;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.util.UriUtils;

/** The basket: filled, changed, emptied, and priced anew each time. */
@Controller
@RequestMapping("/counter/basket")
class BasketController {

    private final Books books;
    private final Baskets baskets;
    private final BasketCookie cookie;
    private final BasketPage page;
    private final ShownGoods shown;
    private final Reductions reductions;

    BasketController(
            Books books,
            Baskets baskets,
            BasketCookie cookie,
            BasketPage page,
            ShownGoods shown,
            Reductions reductions) {
        this.reductions = reductions;
        this.books = books;
        this.baskets = baskets;
        this.cookie = cookie;
        this.page = page;
        this.shown = shown;
    }

    @GetMapping
    String show(Model model, HttpServletRequest request) {
        page.fill(model, cookie.read(request));
        return "counter/basket";
    }

    @PostMapping("/add")
    String add(
            @RequestParam(defaultValue = "") String sku,
            @RequestParam MultiValueMap<String, String> form,
            HttpServletRequest request,
            HttpServletResponse response) {
        BookInForce book = books.inForce();
        Shopper shopper = baskets.shopper(cookie.read(request), book);
        Typed typed = Typed.read(sku, form);
        Offer offer = Offer.of(typed.sku(), shopper.customer(), shopper.at(), book);
        BigDecimal pieces = TypedNumbers.pieces(typed.quantity()).value();
        if (offer == null || pieces == null || !priced(offer, typed, pieces, shopper, book)) {
            // the product page says what is wrong, by the field, with what was typed
            String to = offer == null ? "gone" : offer.item().sku().value();
            return "redirect:/counter/goods/" + UriUtils.encodePathSegment(to, StandardCharsets.UTF_8) + "?"
                    + query(typed);
        }
        String was = shown.bySku(offer.item().product().sku().value(), book)
                .map(entry ->
                        new ProductPages(entry, offer, typed, shopper, book, reductions).changed(form.getFirst("seen")))
                .orElse(null);
        if (was != null) {
            return "redirect:/counter/goods/"
                    + UriUtils.encodePathSegment(offer.item().sku().value(), StandardCharsets.UTF_8) + "?"
                    + query(typed) + "&changed=" + was;
        }
        Set<String> asked = offer.card()
                .open(new Asked(
                        offer.item(),
                        pieces.longValueExact(),
                        typed.answers().answers(offer.card().card()),
                        shopper.group(),
                        shopper.day()));
        boolean pack = typed.answers().packPicked(offer.card().card());
        baskets.add(
                cookie.readOrMake(request, response),
                offer.item().sku().value(),
                offer.item().name(),
                pieces.intValueExact(),
                new TypedAnswers(
                        typed.answers().only(asked).fields(),
                        pack ? typed.answers().pack() : ""),
                offer.variantForEachPiece() ? variants(typed, offer) : List.of());
        return "redirect:/counter/basket";
    }

    private static String query(Typed typed) {
        return typed.form().entrySet().stream()
                .map(field -> URLEncoder.encode(field.getKey(), StandardCharsets.UTF_8) + "="
                        + URLEncoder.encode(field.getValue().get(0), StandardCharsets.UTF_8))
                .collect(Collectors.joining("&"));
    }

    private static boolean priced(Offer offer, Typed typed, BigDecimal pieces, Shopper shopper, BookInForce book) {
        OrderLine line = new OrderLine(
                offer.item().sku(),
                pieces.longValueExact(),
                typed.answers().answers(offer.card().card()));
        return offer.canBePriced()
                && book.book()
                                .price(List.of(line), shopper.customer(), shopper.at())
                                .get(0)
                        instanceof PricedLine;
    }

    /** Those of the product alone; anything else that was sent counts as the first. */
    private static List<String> variants(Typed typed, Offer offer) {
        List<String> sold = offer.item().product().items().stream()
                .map(item -> item.sku().value())
                .toList();
        List<String> picked = typed.variants().isEmpty() ? List.of(typed.sku()) : typed.variants();
        return picked.stream()
                .map(sku -> sold.contains(sku) ? sku : sold.get(0))
                .toList();
    }

    /** Changes a quantity; one that cannot be taken stays in its field with what is wrong beside it. */
    @PostMapping("/quantity")
    String quantity(
            @RequestParam long line,
            @RequestParam(defaultValue = "") String quantity,
            Model model,
            HttpServletRequest request,
            HttpServletResponse response) {
        String token = cookie.readOrMake(request, response);
        DecimalText.Reading reading = TypedNumbers.pieces(quantity);
        boolean background = request.getHeader("HX-Request") != null;
        if (reading.value() != null) {
            baskets.setQuantity(token, line, reading.value().intValueExact());
            if (!background) {
                return "redirect:/counter/basket";
            }
            page.fill(model, token);
        } else {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            String fault = ShopperWords.now().sentence(NumberSays.quantity(Objects.requireNonNull(reading.fault())));
            page.fill(model, token, Map.of(line, quantity), Map.of(line, fault));
        }
        return background ? "counter/basket :: whole" : "counter/basket";
    }

    @PostMapping("/take-out")
    String takeOut(@RequestParam long line, HttpServletRequest request, HttpServletResponse response) {
        baskets.takeOut(cookie.readOrMake(request, response), line);
        return "redirect:/counter/basket";
    }
}
