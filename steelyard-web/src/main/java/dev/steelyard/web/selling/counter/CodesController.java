package dev.steelyard.web.selling.counter;

import dev.steelyard.core.deal.DealChecks;
import dev.steelyard.core.number.Pasted;
import dev.steelyard.web.base.page.Countries;
import dev.steelyard.web.base.page.ShopperWords;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.selling.codes.Codes;
import dev.steelyard.web.selling.payment.PaymentWays;
import dev.steelyard.words.Words;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What a basket says beside its goods: codes, the country, the way of paying. */
@Controller
@RequestMapping("/counter/basket")
class CodesController {

    private static final int SHOWN = 40;
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.UK);

    private final PaymentWays ways;
    private final Books books;
    private final Baskets baskets;
    private final BasketCookie cookie;
    private final BasketPage page;
    private final GuessLimit guesses;
    private final Codes lists;

    CodesController(
            Books books,
            Baskets baskets,
            BasketCookie cookie,
            BasketPage page,
            GuessLimit guesses,
            Codes lists,
            PaymentWays ways) {
        this.ways = ways;
        this.lists = lists;
        this.books = books;
        this.baskets = baskets;
        this.cookie = cookie;
        this.page = page;
        this.guesses = guesses;
    }

    /** Takes a code with a clear yes or no. */
    @PostMapping("/code")
    String enter(
            @RequestParam(defaultValue = "") String code,
            Model model,
            HttpServletRequest request,
            HttpServletResponse response) {
        String token = cookie.readOrMake(request, response);
        String fault = fault(code, token, request);
        if (fault == null) {
            return after(token, model, request);
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        page.fill(model, token);
        model.addAttribute("typedCode", code.length() <= SHOWN ? code : code.substring(0, SHOWN));
        model.addAttribute("codeFault", fault);
        return view(request);
    }

    private @Nullable String fault(String code, String token, HttpServletRequest request) {
        Words words = ShopperWords.now();
        String typed = Pasted.stripped(code);
        if (typed.isEmpty()) {
            return words.text("code.missing");
        }
        if (typed.length() > DealChecks.LONGEST_CODE) {
            return words.text("code.too-long", "most", DealChecks.LONGEST_CODE, "given", typed.length());
        }
        if (!guesses.allows(request.getRemoteAddr())) {
            return words.text("code.too-many-here");
        }
        BookInForce book = books.inForce();
        CodeAnswer answer = baskets.enter(token, typed, book.book().deals().knowsCode(typed) || lists.knows(typed));
        if (answer instanceof CodeAnswer.TooMany many) {
            return words.text(
                    "code.too-many",
                    "time",
                    TIME.format(
                            ZonedDateTime.ofInstant(many.again(), book.shop().zone())));
        } else if (answer instanceof CodeAnswer.Full full) {
            return words.text("code.full", "most", full.most());
        } else if (answer instanceof CodeAnswer.Unknown unknown) {
            guesses.wrong(request.getRemoteAddr());
            return words.text("code.unknown", "code", unknown.typed());
        }
        return null;
    }

    @PostMapping("/code/take-out")
    String takeOut(@RequestParam String code, Model model, HttpServletRequest request, HttpServletResponse response) {
        String token = cookie.readOrMake(request, response);
        baskets.takeCodeOut(token, code);
        return after(token, model, request);
    }

    /** The country and the way of paying change the totals at once. */
    @PostMapping("/choose")
    String choose(
            @RequestParam(defaultValue = "") String country,
            @RequestParam(defaultValue = "") String payment,
            Model model,
            HttpServletRequest request,
            HttpServletResponse response) {
        String token = cookie.readOrMake(request, response);
        baskets.choose(token, Countries.code(country), ways.of(payment).orElse(null));
        return after(token, model, request);
    }

    private String after(String token, Model model, HttpServletRequest request) {
        if (request.getHeader("HX-Request") == null) {
            return "redirect:/counter/basket";
        }
        page.fill(model, token);
        return view(request);
    }

    private static String view(HttpServletRequest request) {
        return request.getHeader("HX-Request") == null ? "counter/basket" : "counter/basket :: whole";
    }
}
