package dev.steelyard.web.store.prices;

import dev.steelyard.web.api.JsonBody;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.selling.payment.PaymentWays;
import dev.steelyard.web.store.door.CallAnswer;
import dev.steelyard.web.store.door.Needs;
import dev.steelyard.web.store.door.StoreCall;
import dev.steelyard.web.store.keys.KeyRight;
import dev.steelyard.web.store.keys.StoreKey;
import dev.steelyard.words.Words;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;

/** Live prices of lines and baskets. */
@Controller
class PricesController {

    private final Prices prices;
    private final Customers customers;
    private final BasketPrices baskets;
    private final PaymentWays ways;
    private final Books books;
    private final PricesAgain again;

    PricesController(
            Prices prices,
            PricesAgain again,
            BasketPrices baskets,
            Customers customers,
            PaymentWays ways,
            Books books) {
        this.again = again;
        this.prices = prices;
        this.baskets = baskets;
        this.ways = ways;
        this.customers = customers;
        this.books = books;
    }

    @Operation(
            operationId = "prices",
            tags = "Prices",
            summary = "Prices of lines",
            description =
                    "Live prices of up to 500 lines, each by itself or all as one basket. A line that has no price says why;"
                            + " the others are priced.")
    @RequestBody(required = true, content = @Content(schema = @Schema(implementation = PricesRequest.Body.class)))
    @Needs(value = KeyRight.PRICES, page = true)
    @PostMapping("/api/v1/prices")
    CallAnswer<PricesAnswer> price(HttpServletRequest request) throws IOException {
        BookInForce book = books.inForce();
        StoreKey key = StoreCall.key(request);
        Words words = StoreCall.words(request);
        String body = JsonBody.text(request, StoreCall.USUAL_BYTES);
        PricesAgain.Asked asked = new PricesAgain.Asked(key.id(), body, words.language());
        return again.answer(asked, book, () -> {
            PricesRequest read =
                    StoreCall.read(body, book.shop().zone(), in -> PricesRequest.read(in, key, customers, book));
            return new PricesAgain.Made(read, prices.answer(read, book, words));
        });
    }

    @Operation(
            operationId = "basketsPrice",
            tags = "Prices",
            summary = "The price of a basket",
            description = "Lines as one basket, with deals and codes, what would unlock more, and tax.")
    @RequestBody(required = true, content = @Content(schema = @Schema(implementation = BasketRequest.Body.class)))
    @Needs(KeyRight.PRICES)
    @PostMapping("/api/v1/baskets/price")
    CallAnswer<BasketAnswer> basket(HttpServletRequest request) throws IOException {
        BookInForce book = books.inForce();
        BasketRequest asked = StoreCall.read(
                request,
                StoreCall.USUAL_BYTES,
                book.shop().zone(),
                in -> BasketRequest.read(in, StoreCall.key(request), customers, book, ways::all));
        Words words = StoreCall.words(request);
        return StoreCall.answered(baskets.answer(baskets.price(asked, book), words), words);
    }
}
