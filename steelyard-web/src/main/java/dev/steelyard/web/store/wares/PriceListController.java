package dev.steelyard.web.store.wares;

import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.OrderQuantity;
import dev.steelyard.core.prepared.Answers;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.format.pricelist.PriceListWriter;
import dev.steelyard.web.api.Problem;
import dev.steelyard.web.api.ProblemFound;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.selling.announced.Reductions;
import dev.steelyard.web.selling.counter.PanelPages;
import dev.steelyard.web.selling.shown.AsSeen;
import dev.steelyard.web.selling.shown.BreakTable;
import dev.steelyard.web.selling.shown.Offer;
import dev.steelyard.web.store.door.Needs;
import dev.steelyard.web.store.door.StoreCall;
import dev.steelyard.web.store.keys.KeyRight;
import dev.steelyard.web.store.prices.Prices;
import dev.steelyard.words.Words;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.time.ZonedDateTime;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** What all goods cost a group of customers, streamed. */
@Controller
class PriceListController {

    private static final MediaType JSON_LD = MediaType.parseMediaType("application/ld+json");
    private static final MediaType CSV = new MediaType("text", "csv", StandardCharsets.UTF_8);

    private final Books books;
    private final Prices prices;

    private final Reductions reductions;

    PriceListController(Books books, Prices prices, Reductions reductions) {
        this.reductions = reductions;
        this.books = books;
        this.prices = prices;
    }

    @Operation(
            operationId = "priceList",
            tags = "Goods",
            summary = "A price list for a group of customers",
            description = "Of all goods: with schema.org’s words as json-ld, or as csv with a row for each break.")
    @ApiResponse(
            responseCode = "200",
            description = "streamed",
            content = {
                @Content(
                        mediaType = "application/ld+json",
                        schema =
                                @Schema(
                                        types = "object",
                                        additionalProperties = Schema.AdditionalPropertiesValue.TRUE)),
                @Content(mediaType = "text/csv", schema = @Schema(types = "string"))
            })
    @Needs(KeyRight.PRICES)
    @GetMapping("/api/v1/price-list")
    ResponseEntity<StreamingResponseBody> list(
            @RequestParam(required = false) @Nullable String group,
            @RequestParam(defaultValue = "json-ld") String format,
            HttpServletRequest request) {
        BookInForce book = books.inForce();
        if (group != null && !book.groups().contains(group)) {
            throw new ProblemFound(
                    Problem.PARAMETER,
                    "There is no group “" + group + "”; there are " + String.join(", ", book.groups()));
        }
        Customer customer =
                new Customer(group, group != null, false, book.shop().homeCountry());
        ZonedDateTime now = prices.now(book);
        Words words = StoreCall.words(request);
        return switch (format) {
            case "json-ld" -> ResponseEntity.ok().contentType(JSON_LD).body(out -> new PriceListWriter(
                            book.book(), customer, now)
                    .naming(item -> group == null ? reductions.lowest(item) : null)
                    .write(book.shop().name(), book.goods(), out));
            case "csv" -> ResponseEntity.ok().contentType(CSV).body(out -> {
                try (Writer to = new OutputStreamWriter(out, StandardCharsets.UTF_8)) {
                    csv(book, customer, now, words, to);
                }
            });
            default -> throw new ProblemFound(Problem.PARAMETER, "“format” is json-ld or csv, not “" + format + "”");
        };
    }

    private static void csv(BookInForce book, Customer customer, ZonedDateTime now, Words words, Writer to)
            throws IOException {
        CSVPrinter rows = new CSVPrinter(
                to,
                CSVFormat.RFC4180
                        .builder()
                        .setHeader("sku", "product", "currency", "lead", "price", "per", "from pieces", "each")
                        .get());
        for (var product : book.goods()) {
            for (Item item : product.items()) {
                Offer offer = Offer.of(item.sku().value(), customer, now, book);
                if (offer != null) {
                    rows(offer, book, customer, now, words, rows);
                }
            }
        }
    }

    private static void rows(
            Offer offer, BookInForce book, Customer customer, ZonedDateTime now, Words words, CSVPrinter to)
            throws IOException {
        Item item = offer.item();
        OrderQuantity orders = book.shop().rules().orders(offer.card());
        Asked asked = new Asked(item, orders.smallest().orElse(1), Answers.NONE, customer.group(), now.toLocalDate());
        BreakTable table = BreakTable.of(
                offer.card(),
                asked,
                asked.quantity(),
                book.shop().rules(),
                AsSeen.asItIs(book.shop().minorDigits()));
        var from = PanelPages.from(item.sku().value(), customer, now, book, words);
        String lead = from.map(one -> one.lead()).orElse("");
        String price = from.map(one -> one.least().toPlainString()).orElse("");
        String per = from.map(one -> one.per()).orElse("");
        String name = words.in(item.told());
        if (table.tiers().isEmpty() || !table.pieces()) {
            to.printRecord(item.sku().value(), name, book.shop().currency(), lead, price, per, "", "");
        }
        for (BreakTable.Tier tier : table.pieces() ? table.tiers() : java.util.List.<BreakTable.Tier>of()) {
            to.printRecord(
                    item.sku().value(),
                    name,
                    book.shop().currency(),
                    lead,
                    price,
                    per,
                    tier.from(),
                    tier.each().replace(",", ""));
        }
    }
}
