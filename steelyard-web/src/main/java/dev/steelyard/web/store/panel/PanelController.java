package dev.steelyard.web.store.panel;

import com.fasterxml.jackson.annotation.JsonInclude;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.pricing.OrderLine;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.format.Obj;
import dev.steelyard.web.api.Problem;
import dev.steelyard.web.api.ProblemFound;
import dev.steelyard.web.base.page.TypedNumbers;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.selling.announced.Reductions;
import dev.steelyard.web.selling.counter.PanelPages;
import dev.steelyard.web.selling.counter.ProductPage;
import dev.steelyard.web.shop.ShopHabits;
import dev.steelyard.web.store.door.CallAnswer;
import dev.steelyard.web.store.door.Needs;
import dev.steelyard.web.store.door.StoreCall;
import dev.steelyard.web.store.keys.KeyRight;
import dev.steelyard.web.store.keys.StoreKey;
import dev.steelyard.web.store.prices.AskedCustomer;
import dev.steelyard.web.store.prices.AskedLine;
import dev.steelyard.web.store.prices.Customers;
import dev.steelyard.web.store.prices.LineTokens;
import dev.steelyard.web.store.prices.Prices;
import dev.steelyard.words.Language;
import dev.steelyard.words.Words;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.time.ZonedDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;

/** What the panel and the prices of lists ask. */
@Controller
class PanelController {

    private static final int MOST_SKUS = 200;

    private final Customers customers;
    private final LineTokens tokens;
    private final Prices prices;
    private final Books books;

    private final Reductions reductions;

    PanelController(Customers customers, LineTokens tokens, Prices prices, Books books, Reductions reductions) {
        this.reductions = reductions;
        this.customers = customers;
        this.tokens = tokens;
        this.prices = prices;
        this.books = books;
    }

    @Operation(
            operationId = "panel",
            tags = "Pages",
            summary = "Everything a page shows to sell one product",
            description =
                    "What the card asks, with limits, units and charges; the price table; what is typed comes to, with a"
                            + " signed line. Fields are sent as they were typed, in the language of the page. The panel asks this at every"
                            + " change; a page of one’s own can do the same.")
    @RequestBody(required = true, content = @Content(schema = @Schema(implementation = PanelRequest.Body.class)))
    @Needs(value = KeyRight.PRICES, page = true)
    @PostMapping("/api/v1/panel")
    CallAnswer<PanelAnswer> panel(HttpServletRequest request) throws IOException {
        BookInForce book = books.inForce();
        StoreKey key = StoreCall.key(request);
        PanelRequest asked = StoreCall.read(
                request, StoreCall.USUAL_BYTES, book.shop().zone(), in -> PanelRequest.read(in, key, customers, book));
        Words words = words(asked.lang(), request, book);
        TypedNumbers.in(ways(words, book)); // ended by whoever ends what pages began
        PanelPages.Made made = PanelPages.of(
                        asked.typing(), asked.customer().customer(), prices.now(book), book, words, reductions)
                .orElseThrow(() -> new ProblemFound(
                        Problem.NO_SUCH_GOODS,
                        "Nothing is sold under “" + asked.typing().sku() + "”; look at the element’s sku"));
        return StoreCall.answered(answer(made, asked.customer(), book, words), words);
    }

    private PanelAnswer answer(PanelPages.Made made, AskedCustomer customer, BookInForce book, Words words) {
        ProductPage page = made.page();
        LineTokens.Token token = made.line() == null ? null : token(made.line(), made, customer, book);
        return new PanelAnswer(
                book.revision(),
                page.sku(),
                page.name(),
                page.currency(),
                words.language().code(),
                customer,
                PanelWords.of(words, page),
                page.variants(),
                page.pieces(),
                page.quantity(),
                page.orders(),
                page.step(),
                page.asks(),
                page.beside(),
                page.packs(),
                page.pack(),
                page.from() == null
                        ? null
                        : new PanelAnswer.From(
                                page.from().lead(),
                                page.from().money(),
                                page.from().per()),
                page.closed(),
                page.faults(),
                page.refusal(),
                page.price(),
                page.table(),
                page.table().shows(),
                page.drawing(),
                page.deals(),
                page.withoutTax(),
                page.seen(),
                made.changed(),
                token == null ? null : token.text(),
                token == null ? null : token.until());
    }

    private LineTokens.Token token(PricedLine line, PanelPages.Made made, AskedCustomer customer, BookInForce book) {
        String sku = line.item().sku().value();
        return tokens.sign(
                new AskedLine(null, sku, new OrderLine(new Sku(sku), line.quantity(), made.given()), List.of(), null),
                line,
                made.page().pieces(),
                customer,
                book);
    }

    /** The page's language if the shop has it, else as the browser wishes. */
    private static Words words(@Nullable String lang, HttpServletRequest request, BookInForce book) {
        ShopHabits habits = book.shop().habits();
        String wish = lang == null || lang.isBlank() ? request.getHeader(HttpHeaders.ACCEPT_LANGUAGE) : lang;
        return Words.shoppers(Language.wanted(wish, habits.languages()));
    }

    private static TypedNumbers.Ways ways(Words words, BookInForce book) {
        boolean comma =
                words.language() != Language.ENGLISH || book.shop().habits().decimalComma();
        return new TypedNumbers.Ways(book.shop().currency(), comma, false);
    }

    /** Goods whose price is to stand in a list. */
    @Schema(name = "FromPricesRequest")
    record FromBody(
            List<String> skus, @Nullable String lang, @Nullable Object customer, @Nullable String customerToken) {}

    private record FromAsked(AskedCustomer customer, @Nullable String lang, List<String> skus) {

        static FromAsked read(Obj in, StoreKey key, Customers customers, BookInForce book) {
            List<String> skus = in.texts("skus");
            if (skus.isEmpty() || skus.size() > MOST_SKUS) {
                in.fault("skus", "1 to " + MOST_SKUS + " SKUs, not " + skus.size());
            }
            return new FromAsked(customers.read(in, key, book), in.optionalText("lang"), skus);
        }
    }

    /** What goods cost at least. */
    @Schema(name = "FromPrices")
    record FromAnswer(long revision, String currency, String lang, List<FromOne> prices) {}

    /** One of them. */
    @Schema(name = "FromPriceOf")
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record FromOne(
            String sku,
            @Schema(description = "“from”, or empty where there is one price only") @Nullable String lead,
            @Schema(example = "21.40") @Nullable String money,
            @Schema(description = "“per m²”, or empty for a piece") @Nullable String per,
            @Schema(description = "whether it is sold and has a price") boolean sold) {}

    @Operation(
            operationId = "fromPrices",
            tags = "Pages",
            summary = "What goods of a list cost at least",
            description =
                    "For up to 200 products, before anything is typed: “from 21.40 per m²”, as texts of the page’s language.")
    @RequestBody(required = true, content = @Content(schema = @Schema(implementation = FromBody.class)))
    @Needs(value = KeyRight.PRICES, page = true)
    @PostMapping("/api/v1/from-prices")
    CallAnswer<FromAnswer> from(HttpServletRequest request) throws IOException {
        BookInForce book = books.inForce();
        FromAsked asked = StoreCall.read(
                request,
                StoreCall.USUAL_BYTES,
                book.shop().zone(),
                in -> FromAsked.read(in, StoreCall.key(request), customers, book));
        Words words = words(asked.lang(), request, book);
        ZonedDateTime now = prices.now(book);
        List<FromOne> each = asked.skus().stream()
                .map(sku -> PanelPages.from(sku, asked.customer().customer(), now, book, words)
                        .map(one -> new FromOne(sku, one.lead(), one.money(), one.per(), true))
                        .orElseGet(() -> new FromOne(sku, null, null, null, false)))
                .toList();
        return StoreCall.answered(
                new FromAnswer(
                        book.revision(),
                        book.shop().currency(),
                        words.language().code(),
                        each),
                words);
    }
}
