package dev.steelyard.web.store.sold;

import dev.steelyard.web.api.JsonBody;
import dev.steelyard.web.api.Problem;
import dev.steelyard.web.api.ProblemFound;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.selling.orders.OrderSearch;
import dev.steelyard.web.selling.orders.SoldOrder;
import dev.steelyard.web.selling.orders.SoldOrders;
import dev.steelyard.web.store.door.AnsweredOnce;
import dev.steelyard.web.store.door.Lines;
import dev.steelyard.web.store.door.Needs;
import dev.steelyard.web.store.door.StoreCall;
import dev.steelyard.web.store.keys.KeyRight;
import dev.steelyard.web.store.prices.Customers;
import io.swagger.v3.oas.annotations.Hidden;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** Orders of the owner's own store. */
@Controller
class SoldController {

    private static final int MOST = 200;

    private final StoreOrders orders;
    private final SoldOrders sold;
    private final Customers customers;
    private final AnsweredOnce once;
    private final Books books;
    private final Lines lines;

    SoldController(
            StoreOrders orders, SoldOrders sold, Customers customers, AnsweredOnce once, Books books, Lines lines) {
        this.orders = orders;
        this.sold = sold;
        this.customers = customers;
        this.once = once;
        this.books = books;
        this.lines = lines;
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

    /** Which orders are looked for, and from where on; sent in the address. */
    record Wanted(
            @Nullable @Parameter(description = "a part of a number, of a buyer’s name or e-mail, or of goods")
                    String find,
            @Nullable @Parameter(description = "the customer group, or Everyone") String group,
            @Nullable @Parameter(description = "a part of the name of a deal that counted") String deal,
            @Nullable @Parameter(description = "a code that was given") String code,
            @Nullable
                    @Parameter(description = "anywhere, counter, store, or otherwise: charged otherwise than reckoned")
                    String sold,
            @Nullable @Parameter(description = "the first day") String from,
            @Nullable @Parameter(description = "the last day") String until) {

        /** @throws ProblemFound that names what cannot be read */
        OrderSearch search() {
            Map<String, String> typed = new LinkedHashMap<>();
            typed.put("find", find);
            typed.put("group", group);
            typed.put("deal", deal);
            typed.put("code", code);
            typed.put("sold", sold);
            typed.put("from", from);
            typed.put("until", until);
            typed.values().removeIf(Objects::isNull);
            OrderSearch search = OrderSearch.read(typed);
            search.faults().forEach((field, fault) -> {
                throw new ProblemFound(Problem.PARAMETER, "“" + field + "”: " + fault);
            });
            return search;
        }
    }

    @Operation(
            operationId = "ordersList",
            tags = "Orders",
            summary = "Orders, the latest first",
            description =
                    "Those of the counter and of the store that fit all that is looked for. Page by page: go on with"
                            + " “after”, the number of the last order of a page; or all of them, one a line, as application/x-ndjson.")
    @ApiResponse(
            responseCode = "200",
            description = "a page, or all",
            content = {
                @Content(mediaType = "application/json", schema = @Schema(implementation = Page.class)),
                @Content(mediaType = Lines.TYPE, schema = @Schema(implementation = SoldOrder.class))
            })
    @Needs(KeyRight.ORDERS)
    @GetMapping(value = "/api/v1/orders", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Page> list(
            @ParameterObject Wanted wanted,
            @RequestParam(required = false) @Nullable String after,
            @RequestParam(defaultValue = "50") String limit) {
        int most = StoreCall.number("limit", limit, 1, MOST);
        List<SoldOrder> page =
                sold.latest(wanted.search(), after, most).orElseThrow(() -> notThere(String.valueOf(after)));
        return ResponseEntity.ok(new Page(
                page, page.size() < most ? "" : page.get(page.size() - 1).number()));
    }

    /** The same as lines; told of with the pages. */
    @Hidden
    @Needs(KeyRight.ORDERS)
    @GetMapping(value = "/api/v1/orders", produces = Lines.TYPE)
    ResponseEntity<StreamingResponseBody> lines(Wanted wanted) {
        OrderSearch search = wanted.search();
        return lines.answer(to -> {
            String last = null;
            for (boolean more = true; more; ) {
                List<SoldOrder> page = sold.latest(search, last, MOST).orElse(List.of());
                for (SoldOrder order : page) {
                    to.write(order);
                    last = order.number();
                }
                more = page.size() == MOST;
            }
        });
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
