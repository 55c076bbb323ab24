package dev.steelyard.web.store.sold;

import dev.steelyard.web.api.JsonBody;
import dev.steelyard.web.api.Problem;
import dev.steelyard.web.api.ProblemFound;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.selling.orders.SoldOrder;
import dev.steelyard.web.selling.orders.SoldOrders;
import dev.steelyard.web.store.door.AnsweredOnce;
import dev.steelyard.web.store.door.Needs;
import dev.steelyard.web.store.door.StoreCall;
import dev.steelyard.web.store.keys.KeyRight;
import dev.steelyard.web.store.prices.Customers;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Orders of the owner's own store. */
@Controller
class SoldController {

    private static final int MOST = 200;

    private final StoreOrders orders;
    private final SoldOrders sold;
    private final Customers customers;
    private final AnsweredOnce once;
    private final Books books;

    SoldController(StoreOrders orders, SoldOrders sold, Customers customers, AnsweredOnce once, Books books) {
        this.orders = orders;
        this.sold = sold;
        this.customers = customers;
        this.once = once;
        this.books = books;
    }

    @Operation(
            operationId = "orders",
            tags = "Orders",
            summary = "Report an order that the store sold",
            description =
                    "Kept frozen with Steelyard’s reckoning: at the quote’s prices where it was sold by one, else at those of"
                            + " its moment. Where another sum was charged, the order is kept and marked. Send an Idempotency-Key.")
    @RequestBody(required = true, content = @Content(schema = @Schema(implementation = SoldRequest.Body.class)))
    @ApiResponse(
            responseCode = "201",
            description = "kept",
            content = @Content(mediaType = "application/json", schema = @Schema(implementation = SoldOrder.class)))
    @ApiResponse(
            responseCode = "409",
            description = "there is such an order already, or the quote is over or used",
            content =
                    @Content(
                            mediaType = "application/problem+json",
                            schema = @Schema(ref = "#/components/schemas/Problem")))
    @Needs(KeyRight.ORDERS)
    @PostMapping("/api/v1/orders")
    ResponseEntity<String> keep(HttpServletRequest request) throws IOException {
        String body = JsonBody.text(request, StoreCall.USUAL_BYTES);
        return once.make(request, body, () -> {
            BookInForce book = books.inForce();
            SoldRequest asked = StoreCall.read(
                    body, book.shop().zone(), in -> SoldRequest.read(in, StoreCall.key(request), customers, book));
            return orders.keep(asked, StoreCall.key(request), book);
        });
    }

    /** A page of orders. */
    @Schema(name = "Orders")
    record Page(
            List<SoldOrder> orders,
            @Schema(description = "to be sent as “after” for the next page; empty on the last") String next) {}

    @Operation(
            operationId = "ordersList",
            tags = "Orders",
            summary = "Orders, the latest first",
            description =
                    "Those of the counter and of the store. Go on with “after”, the number of the last order of a page.")
    @ApiResponse(responseCode = "200", description = "a page")
    @Needs(KeyRight.ORDERS)
    @GetMapping("/api/v1/orders")
    ResponseEntity<Page> list(
            @RequestParam(required = false) @Nullable String after, @RequestParam(defaultValue = "50") String limit) {
        int most = StoreCall.number("limit", limit, 1, MOST);
        List<SoldOrder> page = sold.latest(after, most).orElseThrow(() -> notThere(String.valueOf(after)));
        return ResponseEntity.ok(new Page(
                page, page.size() < most ? "" : page.get(page.size() - 1).number()));
    }

    @Operation(operationId = "order", tags = "Orders", summary = "One order with its reckoning")
    @ApiResponse(responseCode = "200", description = "as it was sold")
    @Needs(KeyRight.ORDERS)
    @GetMapping("/api/v1/orders/{number}")
    ResponseEntity<SoldOrder> find(@PathVariable String number) {
        return ResponseEntity.ok(sold.find(number).orElseThrow(() -> notThere(number)));
    }

    private static ProblemFound notThere(String number) {
        return new ProblemFound(Problem.NO_SUCH_ORDER, "There is no order “" + number + "”");
    }
}
