package dev.steelyard.web.store.supply;

import dev.steelyard.core.sheet.Outcome;
import dev.steelyard.web.api.Problem;
import dev.steelyard.web.api.ProblemFound;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.goods.batch.Requested;
import dev.steelyard.web.goods.batch.RequestedRow;
import dev.steelyard.web.goods.intake.GoodsByRequest;
import dev.steelyard.web.goods.sheets.PricesByRequest;
import dev.steelyard.web.store.door.Needs;
import dev.steelyard.web.store.door.StoreCall;
import dev.steelyard.web.store.keys.KeyRight;
import dev.steelyard.web.store.keys.StoreKey;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import java.util.function.IntFunction;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PutMapping;

/** Goods and their price rows, brought by the store. */
@Controller
class SupplyController {

    private static final int MOST_BYTES = 8_000_000;
    private static final int TRIES = 3;

    private final GoodsByRequest goods;
    private final PricesByRequest prices;
    private final Books books;

    SupplyController(GoodsByRequest goods, PricesByRequest prices, Books books) {
        this.goods = goods;
        this.prices = prices;
        this.books = books;
    }

    @Operation(
            operationId = "goodsPut",
            tags = "Goods",
            summary = "Add and change goods",
            description =
                    "Up to 1,000 products with their variants, by SKU. Fields left out stay. Each is checked as a row of a"
                            + " goods sheet is; those that are refused say why, the others are taken, unless “allOrNothing” is said.")
    @RequestBody(required = true, content = @Content(schema = @Schema(implementation = GoodsRequest.Body.class)))
    @ApiResponse(
            responseCode = "409",
            description =
                    "somebody else changed the same goods meanwhile, or the shop’s bound on dearer orders does not let them",
            content =
                    @Content(
                            mediaType = "application/problem+json",
                            schema = @Schema(ref = "#/components/schemas/Problem")))
    @ApiResponse(responseCode = "200", description = "row by row")
    @Needs(KeyRight.GOODS)
    @PutMapping("/api/v1/goods")
    ResponseEntity<SupplyAnswer> goods(HttpServletRequest request) throws IOException {
        BookInForce book = books.inForce();
        GoodsRequest asked = StoreCall.read(request, MOST_BYTES, book.shop().zone(), GoodsRequest::read);
        StoreKey key = StoreCall.key(request);
        boolean waits = book.shop().habits().twoEyes();
        String title =
                asked.rows().size() + (asked.rows().size() == 1 ? " product or variant" : " products and variants")
                        + " by the " + key.called();
        Requested done = again(() -> goods.put(title, asked.rows(), asked.allOrNothing(), waits, key.called()));
        return answer(
                done, asked.allOrNothing(), waits, number -> asked.places().get(number - 1));
    }

    @Operation(
            operationId = "priceRowsPut",
            tags = "Goods",
            summary = "Replace the own price rows of goods",
            description = "Of up to 1,000 products or variants, whole for each and its group.")
    @RequestBody(required = true, content = @Content(schema = @Schema(implementation = PriceRowsRequest.Body.class)))
    @ApiResponse(
            responseCode = "409",
            description =
                    "somebody else changed the same goods meanwhile, or the shop’s bound on dearer orders does not let them",
            content =
                    @Content(
                            mediaType = "application/problem+json",
                            schema = @Schema(ref = "#/components/schemas/Problem")))
    @ApiResponse(responseCode = "200", description = "row by row")
    @Needs(KeyRight.GOODS)
    @PutMapping("/api/v1/price-rows")
    ResponseEntity<SupplyAnswer> rows(HttpServletRequest request) throws IOException {
        BookInForce book = books.inForce();
        PriceRowsRequest asked =
                StoreCall.read(request, MOST_BYTES, book.shop().zone(), in -> PriceRowsRequest.read(in, book));
        StoreKey key = StoreCall.key(request);
        boolean waits = book.shop().habits().twoEyes();
        String title = "Price rows of " + asked.wanted().size()
                + (asked.wanted().size() == 1 ? " product" : " products") + " by the " + key.called();
        Requested done = again(() -> prices.put(title, asked.wanted(), asked.allOrNothing(), waits, key.called()));
        return answer(done, asked.allOrNothing(), waits, number -> null);
    }

    /** Somebody else may change the same goods between the look and the writing: it is looked again. */
    private static Requested again(Supplier<Requested> put) {
        Requested done = put.get();
        for (int tries = 1; !done.stopped().isEmpty() && tries < TRIES; tries++) {
            done = put.get();
        }
        if (!done.stopped().isEmpty()) {
            throw new ProblemFound(Problem.CHANGED_MEANWHILE, done.stopped());
        }
        if (!done.over().isEmpty()) {
            throw new ProblemFound(Problem.OVER_BOUND, done.over());
        }
        return done;
    }

    private static ResponseEntity<SupplyAnswer> answer(
            Requested done, boolean allOrNothing, boolean waits, IntFunction<@Nullable String> place) {
        List<RequestedRow> rows = done.rows();
        int refused = SupplyAnswer.count(rows, Outcome.Kind.REFUSED);
        boolean nothing = allOrNothing && refused > 0
                || rows.stream().noneMatch(row -> row.outcome().writes());
        return ResponseEntity.ok(new SupplyAnswer(
                !nothing && !waits,
                !nothing && waits,
                done.batch(),
                SupplyAnswer.count(rows, Outcome.Kind.ADD),
                SupplyAnswer.count(rows, Outcome.Kind.CHANGE),
                SupplyAnswer.count(rows, Outcome.Kind.REMOVE),
                SupplyAnswer.count(rows, Outcome.Kind.SAME),
                refused,
                rows.stream()
                        .map(row -> SupplyAnswer.Row.of(row, place.apply(row.number())))
                        .toList()));
    }
}
