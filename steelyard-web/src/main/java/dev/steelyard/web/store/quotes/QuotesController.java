package dev.steelyard.web.store.quotes;

import com.fasterxml.jackson.annotation.JsonInclude;
import dev.steelyard.web.api.JsonBody;
import dev.steelyard.web.api.Problem;
import dev.steelyard.web.api.ProblemFound;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.selling.payment.PaymentWays;
import dev.steelyard.web.store.door.AnsweredOnce;
import dev.steelyard.web.store.door.Needs;
import dev.steelyard.web.store.door.StoreCall;
import dev.steelyard.web.store.keys.KeyRight;
import dev.steelyard.web.store.prices.BasketPrices;
import dev.steelyard.web.store.prices.Customers;
import dev.steelyard.web.store.signing.Signed;
import dev.steelyard.web.store.signing.SigningKeys;
import dev.steelyard.words.Words;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.time.Duration;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseBody;

/** Prices promised for a while. */
@Controller
class QuotesController {

    private final Quotes quotes;
    private final BasketPrices prices;
    private final Customers customers;
    private final PaymentWays ways;
    private final AnsweredOnce once;
    private final Signed signed;
    private final SigningKeys keys;
    private final Books books;

    QuotesController(
            Quotes quotes,
            BasketPrices prices,
            Customers customers,
            PaymentWays ways,
            AnsweredOnce once,
            Signed signed,
            SigningKeys keys,
            Books books) {
        this.quotes = quotes;
        this.prices = prices;
        this.customers = customers;
        this.ways = ways;
        this.once = once;
        this.signed = signed;
        this.keys = keys;
        this.books = books;
    }

    @Operation(
            operationId = "quotes",
            tags = "Quotes",
            summary = "Keep the price of a basket for a while",
            description =
                    "Prices the basket and keeps it: an order by the quote is at its prices until it ends. Send an"
                            + " Idempotency-Key, and the same request again makes no second quote.")
    @RequestBody(required = true, content = @Content(schema = @Schema(implementation = QuoteRequest.Body.class)))
    @ApiResponse(
            responseCode = "201",
            description = "kept",
            content = @Content(mediaType = "application/json", schema = @Schema(implementation = QuoteAnswer.class)))
    @Needs(KeyRight.PRICES)
    @PostMapping("/api/v1/quotes")
    ResponseEntity<String> make(HttpServletRequest request) throws IOException {
        String body = JsonBody.text(request, StoreCall.USUAL_BYTES);
        Words words = StoreCall.words(request);
        return once.make(request, body, () -> {
            BookInForce book = books.inForce();
            QuoteRequest asked = StoreCall.read(
                    body,
                    book.shop().zone(),
                    in -> QuoteRequest.read(in, StoreCall.key(request), customers, book, ways::all));
            return quotes.make(asked, prices.price(asked.basket(), book), StoreCall.key(request), words);
        });
    }

    @Operation(operationId = "quote", tags = "Quotes", summary = "A quote as it stands")
    @ApiResponse(responseCode = "200", description = "as it was made, and whether an order can still be placed by it")
    @Needs(KeyRight.PRICES)
    @GetMapping("/api/v1/quotes/{id}")
    ResponseEntity<QuoteAnswer> find(@PathVariable String id) {
        return ResponseEntity.ok(quotes.find(id)
                .orElseThrow(() -> new ProblemFound(Problem.NO_SUCH_QUOTE, "There is no quote “" + id + "”")));
    }

    /** Whether a token holds. */
    @Schema(name = "TokenLooked")
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record Looked(
            @Schema(description = "whether it is ours, unchanged, and holds still") boolean good,
            @Nullable String why,
            @Schema(
                            description = "what it says",
                            implementation = Object.class,
                            types = "object",
                            additionalProperties = Schema.AdditionalPropertiesValue.TRUE)
                    Map<String, Object> says) {}

    /** A token to look at. */
    @Schema(name = "TokenAsked")
    record TokenBody(String token) {}

    @Operation(
            operationId = "quotesVerify",
            tags = "Quotes",
            summary = "Whether a quote’s or a line’s token holds",
            description = "The same can be told without asking, by the keys at /.well-known/jwks.json (ES256).")
    @RequestBody(required = true, content = @Content(schema = @Schema(implementation = TokenBody.class)))
    @Needs(KeyRight.PRICES)
    @PostMapping("/api/v1/quotes/verify")
    ResponseEntity<Looked> verify(HttpServletRequest request) throws IOException {
        String token = StoreCall.read(
                request, StoreCall.USUAL_BYTES, books.inForce().shop().zone(), in -> in.text("token"));
        Signed.Looked looked = signed.look(token);
        return ResponseEntity.ok(new Looked(looked.fault() == null, looked.fault(), looked.claims()));
    }

    /** The public halves of the keys that sign. */
    @GetMapping("/.well-known/jwks.json")
    @ResponseBody
    ResponseEntity<String> published() {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/jwk-set+json"))
                .cacheControl(CacheControl.maxAge(Duration.ofMinutes(5)).cachePublic())
                .header(HttpHeaders.ACCESS_CONTROL_ALLOW_ORIGIN, "*")
                .body(keys.published());
    }
}
