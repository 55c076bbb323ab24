package dev.steelyard.web.store.wares;

import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.OrderQuantity;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.prepared.Answers;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.shared.SharedList;
import dev.steelyard.format.AskWriter;
import dev.steelyard.format.Json;
import dev.steelyard.web.api.Problem;
import dev.steelyard.web.api.ProblemFound;
import dev.steelyard.web.base.page.Fingerprint;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.goods.GoodsEntry;
import dev.steelyard.web.goods.GoodsPictures;
import dev.steelyard.web.goods.SoldProduct;
import dev.steelyard.web.selling.counter.PanelPages;
import dev.steelyard.web.selling.counter.ShownGoods;
import dev.steelyard.web.selling.shown.AsSeen;
import dev.steelyard.web.selling.shown.BreakTable;
import dev.steelyard.web.selling.shown.Offer;
import dev.steelyard.web.selling.shown.PackOffer;
import dev.steelyard.web.store.door.Lines;
import dev.steelyard.web.store.door.Needs;
import dev.steelyard.web.store.door.StoreCall;
import dev.steelyard.web.store.keys.KeyRight;
import dev.steelyard.web.store.prices.Prices;
import dev.steelyard.words.Words;
import io.swagger.v3.oas.annotations.Hidden;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletRequest;
import java.time.ZonedDateTime;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import tools.jackson.databind.json.JsonMapper;

/** Goods for the owner's own store. Answers carry an ETag. */
@Controller
class WaresController {

    private static final int MOST = 1_000;

    private final ShownGoods goods;
    private final Prices prices;
    private final Books books;
    private final JsonMapper mapper;
    private final Lines lines;
    private volatile @Nullable BySku bySku;

    WaresController(ShownGoods goods, Prices prices, Books books, JsonMapper mapper, Lines lines) {
        this.goods = goods;
        this.prices = prices;
        this.books = books;
        this.mapper = mapper;
        this.lines = lines;
    }

    private static final Comparator<SoldProduct> BY_SKU = Comparator.comparing(WaresController::sku);

    private static String sku(SoldProduct one) {
        return one.product().sku().value();
    }

    /** All goods of a book by SKU, put in order once; of the next book only those that changed are. */
    private record BySku(BookInForce book, SharedList<SoldProduct> goods) {}

    private SharedList<SoldProduct> inOrder(BookInForce book) {
        BySku now = bySku;
        if (now == null) {
            now = new BySku(
                    book, SharedList.of(book.sold().stream().sorted(BY_SKU).toList()));
            bySku = now;
        } else if (now.book() != book) {
            now = new BySku(book, now.goods().after(now.book().sold().to(book.sold()), BY_SKU));
            bySku = now;
        }
        return now.goods();
    }

    /** The place of the first one after a SKU. */
    private static int placeAfter(List<SoldProduct> inOrder, String sku) {
        int low = 0;
        int high = inOrder.size();
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (sku(inOrder.get(middle)).compareTo(sku) > 0) {
                high = middle;
            } else {
                low = middle + 1;
            }
        }
        return low;
    }

    /** A page of goods. */
    @Schema(name = "GoodsPage")
    record Page(
            long revision,
            List<WareListed> goods,
            @Schema(description = "to be sent as “after” for the next page; empty on the last") String next) {}

    @Operation(
            operationId = "goodsList",
            tags = "Goods",
            summary = "All goods, by SKU",
            description = "Page by page with “after” and “limit”; or all of them, one a line, as application/x-ndjson.")
    @ApiResponse(
            responseCode = "200",
            description = "a page, or all",
            content = {
                @Content(mediaType = "application/json", schema = @Schema(implementation = Page.class)),
                @Content(mediaType = Lines.TYPE, schema = @Schema(implementation = WareListed.class))
            })
    @ApiResponse(responseCode = "304", description = "as it was under the ETag", content = @Content)
    @Needs(KeyRight.PRICES)
    @GetMapping(value = "/api/v1/goods", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<?> list(
            @RequestParam(defaultValue = "") String after,
            @RequestParam(defaultValue = "200") String limit,
            HttpServletRequest request) {
        BookInForce book = books.inForce();
        int most = StoreCall.number("limit", limit, 1, MOST);
        Words words = StoreCall.words(request);
        int minor = book.shop().minorDigits();
        List<SoldProduct> all = inOrder(book);
        int first = placeAfter(all, after);
        List<WareListed> page = all.subList(first, Math.min(all.size(), first + most)).stream()
                .map(one -> WareListed.of(one, minor, words))
                .toList();
        return answer(
                request,
                words,
                new Page(
                        book.revision(),
                        page,
                        page.size() < most ? "" : page.get(page.size() - 1).sku()));
    }

    /** The same as lines; told of with the pages. */
    @Hidden
    @Needs(KeyRight.PRICES)
    @GetMapping(value = "/api/v1/goods", produces = Lines.TYPE)
    ResponseEntity<StreamingResponseBody> lines(HttpServletRequest request) {
        BookInForce book = books.inForce();
        Words words = StoreCall.words(request);
        int minor = book.shop().minorDigits();
        return lines.answer(to -> {
            for (SoldProduct one : inOrder(book)) {
                to.write(WareListed.of(one, minor, words));
            }
        });
    }

    @Operation(
            operationId = "goods",
            tags = "Goods",
            summary = "One product: enough to build a form of one’s own",
            description =
                    "What the card asks, packs, price table and the least price, for a customer group and country if named.")
    @ApiResponse(
            responseCode = "200",
            description = "for the customer that is named",
            content = @Content(mediaType = "application/json", schema = @Schema(implementation = WareTold.class)))
    @ApiResponse(responseCode = "304", description = "as it was under the ETag", content = @Content)
    @Needs(KeyRight.PRICES)
    @GetMapping("/api/v1/goods/{sku}")
    ResponseEntity<?> find(
            @PathVariable String sku,
            @RequestParam(required = false) @Nullable String group,
            @RequestParam(required = false) @Nullable String country,
            HttpServletRequest request) {
        BookInForce book = books.inForce();
        if (group != null && !book.groups().contains(group)) {
            throw new ProblemFound(
                    Problem.PARAMETER,
                    "There is no group “" + group + "”; there are " + String.join(", ", book.groups()));
        }
        Words words = StoreCall.words(request);
        Customer customer = new Customer(
                group, group != null, false, country == null ? book.shop().homeCountry() : country);
        return answer(
                request,
                words,
                told(sku, customer, book, words)
                        .orElseThrow(
                                () -> new ProblemFound(Problem.NO_SUCH_GOODS, "Nothing is sold under “" + sku + "”")));
    }

    /** Known again by what it says, since prices may change with the hour; nothing is sent where the store has it already. */
    private ResponseEntity<?> answer(HttpServletRequest request, Words words, Object body) {
        String json = mapper.writeValueAsString(body);
        String tag = "\"" + Fingerprint.of(words.language().code() + json) + "\"";
        if (tag.equals(request.getHeader(HttpHeaders.IF_NONE_MATCH))) {
            return ResponseEntity.status(HttpStatus.NOT_MODIFIED).eTag(tag).build();
        }
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_JSON)
                .eTag(tag)
                .header(HttpHeaders.CONTENT_LANGUAGE, words.language().code())
                .body(json);
    }

    private Optional<WareTold> told(String text, Customer customer, BookInForce book, Words words) {
        if (Sku.fault(text) != null) {
            return Optional.empty();
        }
        ZonedDateTime now = prices.now(book);
        Optional<Product> product = book.book().product(new Sku(text));
        return product.flatMap(one -> goods.bySku(one.sku().value(), book)).flatMap(entry -> {
            Item item = entry.product().items().stream()
                    .filter(one -> one.sku().value().equals(text))
                    .findFirst()
                    .orElse(entry.product().items().get(0));
            return Optional.ofNullable(Offer.of(item.sku().value(), customer, now, book))
                    .map(offer -> told(entry, offer, customer, now, book, words));
        });
    }

    private WareTold told(
            GoodsEntry entry, Offer offer, Customer customer, ZonedDateTime now, BookInForce book, Words words) {
        PreparedCard card = offer.card();
        RateCard asks = card.card();
        AsSeen seen = AsSeen.of(offer.item(), customer, book, words);
        int minor = book.shop().minorDigits();
        OrderQuantity orders = book.shop().rules().orders(card);
        Asked asked =
                new Asked(offer.item(), orders.smallest().orElse(1), Answers.NONE, customer.group(), now.toLocalDate());
        return new WareTold(
                book.revision(),
                offer.item().sku().value(),
                words.in(entry.product().told()),
                words.in(entry.description()),
                entry.pictures().isEmpty()
                        ? List.of(entry.picture())
                        : entry.pictures().stream()
                                .map(GoodsPictures.Shown::large)
                                .toList(),
                entry.categories(),
                book.shop().currency(),
                WareListed.money(offer.item().shelfPrice(), minor),
                WareListed.variants(entry.product(), minor, words),
                asks.asks().isEmpty() ? Json.array() : AskWriter.write(asks.asks()),
                PackOffer.of(asks, seen).stream()
                        .map(pack -> new WareTold.Pack(pack.label(), pack.price(), pack.perUnit()))
                        .toList(),
                new WareTold.Orders(number(orders.smallest()), number(orders.largest()), orders.step()),
                PanelPages.from(entry.product().sku().value(), customer, now, book, words)
                        .map(from -> new WareTold.From(from.lead(), from.money(), from.per()))
                        .orElse(null),
                BreakTable.of(card, asked, asked.quantity(), book.shop().rules(), seen));
    }

    private static @Nullable Long number(OptionalLong number) {
        return number.isPresent() ? number.getAsLong() : null;
    }
}
